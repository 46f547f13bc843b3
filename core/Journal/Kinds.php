<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Journal\Binder\BinderKind;
use Ithys\Journal\CarbonDose\CarbonDoseKind;
use Ithys\Journal\Care\CareKind;
use Ithys\Journal\ChoreWord\ChoreWordKind;
use Ithys\Journal\DosePlan\DosePlanKind;
use Ithys\Journal\Equipment\EquipmentKind;
use Ithys\Journal\Feed\FeedKind;
use Ithys\Journal\FeedPlan\FeedPlanKind;
use Ithys\Journal\FirstHour\FirstHourKind;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Harvest\HarvestKind;
use Ithys\Journal\Incident\IncidentKind;
use Ithys\Journal\KitChange\KitChangeKind;
use Ithys\Journal\Livestock\LivestockKind;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\MediaRemoval\MediaRemovalKind;
use Ithys\Journal\Note\NoteKind;
use Ithys\Journal\Outlet\OutletKind;
use Ithys\Journal\Photoperiod\PhotoperiodKind;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\Renewal\RenewalKind;
use Ithys\Journal\RoutineWord\RoutineWordKind;
use Ithys\Journal\Skimmer\SkimmerKind;
use Ithys\Journal\SockChange\SockChangeKind;
use Ithys\Journal\Spell\SpellKind;
use Ithys\Journal\Stock\StockKind;
use Ithys\Journal\Supplement\SupplementKind;
use Ithys\Journal\WaterChange\WaterChangeKind;

/** Every kind of journal entry, in the order of their lanes. A new one is a folder and a line here. */
final class Kinds
{
    private const ALL = [
        // Its lines begin like those of others.
        ChoreWordKind::class,
        ReadingKind::class,
        KitChangeKind::class,
        RoutineWordKind::class,
        SockChangeKind::class,
        MediaRemovalKind::class,
        RenewalKind::class,
        MediaChargeKind::class,
        OutletKind::class,
        PhotoperiodKind::class,
        SpellKind::class,
        SkimmerKind::class,
        DosePlanKind::class,
        CarbonDoseKind::class,
        FeedPlanKind::class,
        FeedKind::class,
        WaterChangeKind::class,
        BinderKind::class,
        HarvestKind::class,
        FleeceKind::class,
        CareKind::class,
        SupplementKind::class,
        EquipmentKind::class,
        StockKind::class,
        LivestockKind::class,
        IncidentKind::class,
        FirstHourKind::class,
        NoteKind::class,
    ];

    /** @return array<string, Kind> by key */
    public static function all(): array
    {
        /** @var ?array<string, Kind> $all they never change */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (self::ALL as $class) {
                $kind = new $class;
                $all[$kind->key()] = $kind;
            }
        }

        return $all;
    }

    /** @throws InvalidEntry for a kind this Ithys does not know */
    public static function named(string $key): Kind
    {
        return self::all()[$key] ?? throw InvalidEntry::unknown('kind of entry', $key);
    }

    /** @return list<Lane> from top to bottom */
    public static function lanes(): array
    {
        return array_merge(...array_values(array_map(static fn (Kind $kind): array => $kind->lanes(), self::all())));
    }

    /**
     * @param  array<string, mixed>  $stored  a payload as {@see StoredPayload::of()} made it
     *
     * @throws InvalidEntry when the kind is not known or the data does not fit it
     */
    public static function payload(string $key, array $stored): Payload
    {
        return self::named($key)->payload(StoredPayload::fields($stored));
    }
}
