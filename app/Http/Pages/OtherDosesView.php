<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Renewal\Renewal;
use Ithys\Media\LanthanumPlan;
use Ithys\Media\Medium;
use Ithys\Nutrient\Charges\Roads;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Zeolite, biological media and lanthanum: what to do first, how much, and what not to do. */
final class OtherDosesView
{
    private const DAYS = 550;

    /** Days after which a reading of ammonia no longer says how things stand. */
    private const FRESH = 7.0;

    /** ppm of ammonia from which zeolite has first work to do, and fish suffer. */
    private const AMMONIA = 0.25;

    /** Micron at which lanthanum's flakes are caught: common practice is 10 to 25. */
    private const FINE = 25.0;

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, ?float $level, DateTimeImmutable $now): array
    {
        $entries = (new Journal($system))->between($now->modify('-'.self::DAYS.' days'), $now);

        return [
            'zeolite' => self::zeolite($system, $keeper, $entries, $now),
            'biological' => self::biological($system, $keeper, $entries, $now),
            'lanthanum' => self::lanthanum($system, $keeper, $entries, $level, $now),
        ];
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    private static function zeolite(System $system, User $keeper, array $entries, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $setup = $system->setupAt($now);
        $item = $setup->path?->itemsOf(Kind::Zeolite)[0] ?? null;
        $flow = ($item === null ? null : $setup->situation()?->course->flowEach($item))
            ?? $setup->litresPerHour()?->value;
        $road = (new Roads($system->assumptions()))->byVolume(
            Medium::Zeolite,
            $setup->workingVolume()->litres,
            $flow,
        );
        $ammonia = self::last($entries, Parameter::Ammonia);
        $isFresh = $ammonia !== null && -$ammonia->daysAfter($now) <= self::FRESH;
        $value = $ammonia?->payload instanceof Reading ? $ammonia->payload->value : 0.0;

        return [
            'grams' => $road->grams === null ? null : $words->say(Quantity::grams($road->grams)),
            'assumes' => $words->say($road->assumes),
            'flow' => $flow === null ? null : $words->say(Quantity::perHour($flow)),
            'first' => match (true) {
                ! $isFresh => 'Read ammonia first: zeolite takes ammonia, and no more than that is known of its use.',
                $value >= self::AMMONIA => 'Ammonia stands at a level that harms fish. Find where it comes from, '
                    .'change water, and read it daily; zeolite helps meanwhile.',
                default => 'Ammonia is as good as none: zeolite has little to take here.',
            },
            'isFresh' => $isFresh,
            'dose' => http_build_query(['medium' => Medium::Zeolite->value, 'where' => $item->id ?? 'bag']),
            'line' => 'nh4 0.0',
        ];
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    private static function biological(System $system, User $keeper, array $entries, DateTimeImmutable $now): array
    {
        $every = $system->assumptions()->value('calendar-biological');
        $done = array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $entry->payload instanceof Renewal,
        ));
        $lately = array_sum(array_map(
            static fn (Entry $entry): float => $entry->payload instanceof Renewal
                && -$entry->daysAfter($now) < $every ? $entry->payload->share : 0.0,
            $done,
        ));
        $last = $done === [] ? null : $done[count($done) - 1];
        $room = max(0.0, Renewal::MOST - $lately);

        return [
            'lately' => round(100 * $lately),
            'last' => $last?->at->getTimestamp(),
            'next' => $last === null
                ? null
                : $last->at->getTimestamp() + (int) round(86_400 * $every),
            'mayRenew' => $room >= 1 / 3 - 0.05,
            'line' => 'renewed a third of the bio media',
            'says' => $keeper->words()->say($room >= 1 / 3 - 0.05
                ? Text::of('A third may be renewed now.')
                : Text::of(
                    '{share} was renewed within the last {days} days. Wait: more takes away the bacteria that keep '
                        .'ammonia at nought, and can kill fish.',
                    share: Quantity::share($lately),
                    days: (int) round($every),
                )),
        ];
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    private static function lanthanum(
        System $system,
        User $keeper,
        array $entries,
        ?float $level,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $setup = $system->setupAt($now);
        $assumptions = $system->assumptions();
        $last = self::last($entries, Parameter::Phosphate);
        $stands = $last?->payload instanceof Reading ? $last->payload->value : null;
        $isFiltered = array_filter(
            $setup->path?->itemsOf(Kind::Sock, Kind::Roller) ?? [],
            static fn (Item $item): bool => ($item->figure(Figure::Micron) ?? INF) <= self::FINE
                && $item->choice(Choice::Material) !== 'mesh',
        ) !== [];
        $wanted = $level ?? 0.05;
        $plan = $stands === null || ! $isFiltered ? null : LanthanumPlan::of(
            $stands - $wanted,
            $setup->workingVolume()->litres,
            $assumptions->value('fall-limit'),
            $assumptions->value('lanthanum-efficiency'),
        );

        return [
            'stands' => $stands === null ? null : $words->say(Quantity::ppm($stands)),
            'refused' => match (true) {
                $stands === null => 'Read phosphate first.',
                ! $isFiltered => 'Not planned: the path has no sock or roller of 25 micron or finer. Lanthanum makes '
                    .'flakes that clog gills; without a fine filter they reach the fish.',
                $stands <= $wanted => 'Phosphate is no higher than what is wanted.',
                default => null,
            },
            'plan' => $plan === null || $stands <= $wanted ? null : [
                'all' => $words->say(Quantity::number($plan->milligrams, 0)),
                'days' => $plan->days,
                'aDay' => $words->say(Quantity::number($plan->milligramsADay(), 1)),
            ],
            'limit' => $words->say(Quantity::ppm($assumptions->value('fall-limit'))),
        ];
    }

    /** @param  list<Entry>  $entries */
    private static function last(array $entries, Parameter $parameter): ?Entry
    {
        foreach (array_reverse($entries) as $entry) {
            if ($entry->payload instanceof Reading && $entry->payload->parameter === $parameter) {
                return $entry;
            }
        }

        return null;
    }
}
