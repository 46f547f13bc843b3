<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Confounds;
use Ithys\Journal\Entry;
use Ithys\Journal\Lever;
use Ithys\Quantity\Text;

/**
 * Finds where a routine itself changes: socks from every seven days to every three, more food a day, more water a week.
 * A single sock or water change is no change of anything.
 */
final class Schedules
{
    /** Uses and days that make a routine, on either side. */
    private const USES = 5;

    private const DAYS = 14.0;

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  float  $litres  working volume
     * @return array<int, Text> by the id of the entry from which the routine goes on otherwise: what changed
     */
    public static function shifts(array $entries, float $litres, Assumptions $assumptions): array
    {
        $kinds = [];
        foreach ($entries as $entry) {
            if ($entry->kind()->lever()?->routine !== null && $entry->id !== null) {
                $kinds[$entry->kind()->key()][] = $entry;
            }
        }
        $shifts = [];
        foreach ($kinds as $uses) {
            $lever = $uses[0]->kind()->lever();
            $shifts += $lever === null ? [] : self::of($uses, $lever, $litres, $assumptions);
        }

        return $shifts;
    }

    /**
     * @param  non-empty-list<Entry>  $uses  of one kind
     * @return array<int, Text>
     */
    private static function of(array $uses, Lever $lever, float $litres, Assumptions $assumptions): array
    {
        $least = log($lever->confounds === Confounds::Interval
            ? $assumptions->value(Assumed::IntervalFactor)
            : 1 + $assumptions->value(Assumed::RateShare));
        $found = [];
        foreach ($uses as $i => $entry) {
            $before = self::rate(array_reverse(array_slice($uses, 0, $i + 1)), $litres, true);
            $since = self::rate(array_slice($uses, $i), $litres, false);
            if ($before !== null && $since !== null && abs(log($since / $before)) > $least) {
                $found[] = ['entry' => $entry, 'before' => $before, 'since' => $since];
            }
        }
        usort($found, static fn (array $a, array $b): int => abs(log($b['since'] / $b['before']))
            <=> abs(log($a['since'] / $a['before'])));
        $shifts = [];
        $taken = [];
        foreach ($found as ['entry' => $entry, 'before' => $before, 'since' => $since]) {
            $near = array_filter(
                $taken,
                static fn (Entry $other): bool => abs($entry->daysAfter($other->at)) < 2 * self::DAYS,
            );
            if ($near === [] && $lever->routine !== null) {
                $taken[] = $entry;
                $shifts[(int) $entry->id] = Text::of(
                    '{what}: from {before} to {since}',
                    what: $lever->routine->name(),
                    before: $lever->routine->perDay($before),
                    since: $lever->routine->perDay($since),
                );
            }
        }

        return $shifts;
    }

    /**
     * Use a day from the first of these on; null where they make no routine.
     *
     * @param  list<Entry>  $uses  the entry looked at, and those on one side of it from near to far
     * @param  bool  $isBefore  whether the entry itself belongs to the other side
     */
    private static function rate(array $uses, float $litres, bool $isBefore): ?float
    {
        $sum = 0.0;
        foreach ($uses as $n => $use) {
            $days = abs($use->daysAfter($uses[0]->at));
            $counted = $isBefore ? $n : $n + 1;
            $ends = $counted > self::USES && $days >= self::DAYS;
            if ($ends) {
                // A stretch ends with a use that begins the next one.
                return ($isBefore ? $sum + $use->payload->mark($litres)->use : $sum) / $days;
            }
            $sum += $isBefore && $n === 0 ? 0.0 : $use->payload->mark($litres)->use;
        }

        return null;
    }
}
