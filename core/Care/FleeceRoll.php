<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeZone;
use Ithys\Journal\Entry;
use Ithys\Journal\Fleece\Fleece;
use Ithys\Quantity\Text;

/** How long the roll in use lasts: from the lengths that were read, with a range. */
final readonly class FleeceRoll
{
    /** The least share by which a pace may be more or less: feeding changes it. Our estimate. */
    private const LEAST = 0.15;

    /** Where two readings or a stated pace are all there is. */
    private const FEW = 0.3;

    private const WIDE = 1.2816;

    public const MISSING = 'Log the length that is left twice, such as “fleece 14 m left”, to see when the roll ends.';

    private function __construct(
        public float $mmPerDay,
        /** Days on which it ends: likely, soonest, latest. */
        public int $ends,
        public int $soonest,
        public int $latest,
        public float $leftMm,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @return ?self null where no length, or no pace, is known
     */
    public static function of(array $entries, DateTimeZone $zone): ?self
    {
        $paces = [];
        [$last, $stated] = [null, null];
        foreach ($entries as $entry) {
            $one = $entry->payload;
            if (! $one instanceof Fleece) {
                continue;
            }
            $stated = $one->mmPerDay ?? $stated;
            if ($one->leftMm === null) {
                continue;
            }
            $day = CalendarDay::of($entry->at, $zone);
            // More than before is a new roll.
            if ($last !== null && $one->leftMm < $last[1] && $day > $last[0]) {
                $paces[] = [($last[1] - $one->leftMm) / ($day - $last[0]), $day - $last[0]];
            }
            $last = [$day, $one->leftMm];
        }
        [$pace, $within] = self::pace($paces, $stated);
        if ($last === null || $pace === null || $pace <= 0.0) {
            return null;
        }
        $end = static fn (float $mmPerDay): int => $last[0] + (int) floor($last[1] / $mmPerDay);

        return new self($pace, $end($pace), $end($pace * (1 + $within)), $end($pace * (1 - $within)), $last[1]);
    }

    /** @param  float  $deliveryDays  from an order to its delivery */
    public function says(float $deliveryDays): Text
    {
        return Text::of(
            'The roll ends about {ends} ({soonest} to {latest}). Order a new one by {order}.',
            ends: CalendarDay::written($this->ends),
            soonest: CalendarDay::written($this->soonest),
            latest: CalendarDay::written($this->latest),
            order: CalendarDay::written($this->soonest - (int) ceil($deliveryDays)),
        );
    }

    /**
     * @param  list<array{float, int}>  $paces  mm a day, and days
     * @return array{?float, float} mm a day, and the share by which it may be more or less
     */
    private static function pace(array $paces, ?float $stated): array
    {
        $days = array_sum(array_column($paces, 1));
        if ($days === 0) {
            return [$stated, self::FEW];
        }
        $mean = array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $paces)) / $days;
        if (count($paces) < 2 || $mean <= 0.0) {
            return [$mean, self::FEW];
        }
        $spread = sqrt(array_sum(array_map(
            static fn (array $one): float => $one[1] * ($one[0] - $mean) ** 2,
            $paces,
        )) / $days);

        return [$mean, min(0.9, max(self::LEAST, self::WIDE * $spread / $mean))];
    }
}
