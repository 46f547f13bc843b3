<?php

declare(strict_types=1);

namespace Ithys\History;

/** What a keeper said of a routine, apart from its acts, by days of the calendar. */
final readonly class Statements
{
    /**
     * @param  list<array{int, int}>  $none  from a day on and up to another, that one left out
     * @param  list<float>  $stops  when it stopped
     * @param  array<int, float>  $plans  amounts a day, by the day from which they hold
     * @param  list<int>  $same  days on which it was said to go on as before
     */
    public function __construct(
        public array $none = [],
        public array $stops = [],
        public array $plans = [],
        public array $same = [],
    ) {
    }

    /** Days between two others that are stated to hold none; what was logged on a day wins. */
    public function noneWithin(float $from, float $to): float
    {
        $days = 0.0;
        foreach ($this->none as [$first, $until]) {
            $days += max(0.0, min($until, $to) - max($first, $from + 1));
        }

        return $days;
    }

    public function isNone(float $day): bool
    {
        foreach ($this->none as [$first, $until]) {
            if ($day >= $first && $day < $until) {
                return true;
            }
        }

        return false;
    }

    /** Whether it was stopped from one day on and up to another. */
    public function stopsWithin(float $from, float $to): bool
    {
        return array_filter($this->stops, static fn (float $stop): bool => $stop >= $from && $stop <= $to) !== [];
    }

    /** The last of these days up to a day; null where there is none. */
    public function lastStop(float $until): ?float
    {
        return self::last($this->stops, $until);
    }

    public function lastSame(float $until): ?float
    {
        return self::last($this->same, $until);
    }

    public function lastPlan(float $until): ?int
    {
        $last = self::last(array_keys($this->plans), $until);

        return $last === null ? null : (int) $last;
    }

    /** @param  list<int|float>  $days */
    private static function last(array $days, float $until): ?float
    {
        $before = array_filter($days, static fn (int|float $day): bool => $day <= $until);

        return $before === [] ? null : (float) max($before);
    }
}
