<?php

declare(strict_types=1);

namespace Ithys\Care;

/** How the care of a tank is shared out: weekdays without work, and who does which chore. */
final readonly class Plan
{
    private const WEEK = 7;

    /** Days from 1 January 1970, a Thursday, to the Monday before it. */
    private const THURSDAY = 3;

    /**
     * @param  list<int>  $off  weekdays without work, 1 for Monday; never all seven
     * @param  array<string, string>  $doers  the name of who does it, by chore
     */
    private function __construct(public array $off, public array $doers)
    {
    }

    /**
     * @param  array<mixed>  $off
     * @param  array<mixed>  $doers
     */
    public static function of(array $off = [], array $doers = []): self
    {
        $days = array_values(array_unique(array_filter(
            array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, $off),
            static fn (int $one): bool => $one >= 1 && $one <= self::WEEK,
        )));
        sort($days);
        $who = [];
        foreach ($doers as $chore => $person) {
            $who += is_string($chore) && is_string($person) && $person !== '' ? [$chore => $person] : [];
        }

        return new self(count($days) < self::WEEK ? $days : [], $who);
    }

    public function isOff(int $day): bool
    {
        return in_array(($day + self::THURSDAY) % self::WEEK + 1, $this->off, true);
    }

    /**
     * The day of work on which something is done that is due on a day: the last one up to it, or the first one after it
     * where all since the last time are days off.
     *
     * @param  ?int  $last  day on which it was done before
     */
    public function workday(int $due, ?int $last): int
    {
        for ($day = $due; $this->isOff($day); $day--) {
            if ($last !== null && $day - 1 <= $last) {
                for ($day = $due; $this->isOff($day); $day++) {
                }

                return $day;
            }
        }

        return $day;
    }
}
