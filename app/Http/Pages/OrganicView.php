<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\Ramp as RampRow;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Media\Ramp;
use Ithys\Nutrient\Charges\OrganicCarbon;
use Ithys\Nutrient\Charges\RampCheck;
use Ithys\Nutrient\InvalidLever;
use Ithys\Path\Kind;

/** Organic carbon: equal doses, a slow beginning, and whether it may be raised. */
final class OrganicView
{
    private const DAYS = 56;

    private const WEEKS = 12;

    private const PELLETS = 'Solid pellets in a reactor give carbon by the water that goes through: nobody can say '
        .'how many mg a day. The model leaves them out. Throttle the flow, lead it into the skimmer, and log them as '
        .'an unlisted medium.';

    private const RULE = 'the water clouds, slime grows, fish gasp, or nitrate or phosphate is at nought. Then step '
        .'down to half, move the surface, and read again. This is organic carbon, a dose; activated carbon is a '
        .'medium.';

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, CarbonSource $source, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $setup = $system->setupAt($now);
        $assumptions = $system->assumptions();
        $litres = $setup->workingVolume()->litres;
        $entries = (new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now);
        $check = RampCheck::of(
            $entries,
            $setup->path?->itemsOf(Kind::Skimmer) !== [] && $setup->path !== null,
            $setup->tank->water,
            $now,
        );
        $full = OrganicCarbon::equal(
            $assumptions->value('spirit-full') * $litres / 100,
            CarbonSource::Spirit,
            $source,
            $assumptions,
        );
        $ramp = Ramp::to($full);
        $under = $system->ramps()->whereNull('ended_at')->latest('id')->first();

        return [
            'source' => $source->value,
            'sources' => array_map(static fn (CarbonSource $one): array => [
                'key' => $one->value,
                'mgEach' => OrganicCarbon::perMillilitre($one, $assumptions),
                'equal' => OrganicCarbon::equal(1.0, CarbonSource::Spirit, $one, $assumptions),
                'full' => OrganicCarbon::equal($full, $source, $one, $assumptions),
            ], CarbonSource::cases()),
            'doses' => $ramp->doses,
            'rule' => self::RULE,
            'pellets' => self::PELLETS,
            'stops' => array_map($words->say(...), $check->stops),
            'holds' => array_map($words->say(...), $check->holds),
            'fine' => array_map($words->say(...), $check->fine),
            'series' => self::series($system, $source, $ramp, $now),
            'under' => $under === null ? null : self::under($under, $check, $entries, $now, $keeper),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function series(System $system, CarbonSource $source, Ramp $ramp, DateTimeImmutable $now): ?array
    {
        $outlook = ForeseeView::outlook($system, $now)['outlook'];
        if ($outlook === null) {
            return null;
        }
        try {
            return [
                'present' => ForeseeView::series($outlook, $outlook->present, self::WEEKS),
                'other' => ForeseeView::series(
                    $outlook,
                    $outlook->present->ramping($source->value, $ramp->doses),
                    self::WEEKS,
                ),
            ];
        } catch (InvalidLever) {
            return null;
        }
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    private static function under(
        RampRow $row,
        RampCheck $check,
        array $entries,
        DateTimeImmutable $now,
        User $keeper,
    ): array {
        $ramp = Ramp::stored($row->doses);
        $week = intdiv($now->getTimestamp() - $row->begun_at->getTimestamp(), 7 * 86_400);
        $dose = $check->dose($ramp, $week);
        $given = array_filter($entries, static fn (Entry $entry): bool => $entry->payload instanceof CarbonDose
            && -$entry->daysAfter($now) <= 7.0);

        return [
            'id' => $row->id,
            'source' => $row->source->value,
            'begun' => $row->begun_at->getTimestamp(),
            'week' => $week + 1,
            'planned' => $ramp->in($week),
            'dose' => $dose,
            'says' => $keeper->words()->say($check->reason()),
            'logged' => count($given),
            'line' => "{$row->source->value} ".rtrim(rtrim(number_format($dose, 2, '.', ''), '0'), '.').' ml',
        ];
    }
}
