<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeZone;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\SockChange\SockChange;

/** Another interval for a chore, which its keeper may take or leave. */
final readonly class Proposal
{
    /** Soiling from which a sock came out clogged, and up to which clean; by how much its interval changes. */
    private const CLOGGED = 4;

    private const CLEAN = 2;

    private const BY = 0.25;

    private function __construct(
        public Chore $chore,
        /** Days now. */
        public int $now,
        /** Days proposed. */
        public int $days,
        /** What speaks for it. */
        public string $because,
    ) {
    }

    /**
     * Two socks that came out clogged before their time, or clean after it.
     *
     * @param  list<Entry>  $entries  in order of time
     * @param  int  $interval  days
     */
    public static function bySoiling(array $entries, DateTimeZone $zone, int $interval): ?self
    {
        $seen = [];
        $before = null;
        foreach ($entries as $entry) {
            if ($entry->payload instanceof SockChange) {
                $day = CalendarDay::of($entry->at, $zone);
                if ($before !== null && $entry->payload->soiling !== null && $day > $before) {
                    $seen[] = [$entry->payload->soiling, $day - $before];
                }
                $before = $day;
            }
        }
        $last = array_slice($seen, -2);
        if (count($last) < 2) {
            return null;
        }
        [[$one, $first], [$other, $second]] = $last;
        if (min($one, $other) >= self::CLOGGED && max($first, $second) <= $interval && $interval > 1) {
            // Under the gaps that it rests on, so that it is not proposed again once it is taken.
            $days = max(1, min($interval - self::by($interval), max($first, $second) - 1));

            return new self(Chore::Sock, $interval, $days, 'the last two came out clogged');
        }
        if (max($one, $other) <= self::CLEAN && min($first, $second) >= $interval) {
            $days = max($interval + self::by($interval), min($first, $second) + 1);

            return new self(Chore::Sock, $interval, $days, 'the last two came out clean');
        }

        return null;
    }

    /**
     * Nutrients that stay on one side of their targets for weeks: the gentle direction first. Where one is too high and
     * another too low, the socks are no answer.
     *
     * @param  array<string, bool>  $low  whether it stays below its target, by parameter that stays outside it
     * @param  Interval  $interval  of the socks now
     */
    public static function byNutrients(array $low, Interval $interval): ?self
    {
        if ($low === [] || count(array_unique($low)) > 1) {
            return null;
        }
        $isLow = in_array(true, $low, true);
        $names = implode(' and ', array_map(
            static fn (string $key): string => Parameter::from($key)->label(),
            array_keys($low),
        ));
        $because = $names.(count($low) > 1 ? ' stay ' : ' stays ').($isLow ? 'below' : 'above').' your target';
        $days = $interval->days + ($isLow ? 1 : -1) * self::by($interval->days);

        return $days < 1 ? null : new self(Chore::Sock, $interval->days, $days, $because);
    }

    public function isLonger(): bool
    {
        return $this->days > $this->now;
    }

    /** Minutes a week that it takes more; fewer where negative. */
    public function minutesMore(float $minutes): float
    {
        return 7 * $minutes * (1 / $this->days - 1 / $this->now);
    }

    private static function by(int $interval): int
    {
        return max(1, (int) round(self::BY * $interval));
    }
}
