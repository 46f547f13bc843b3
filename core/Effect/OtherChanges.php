<?php

declare(strict_types=1);

namespace Ithys\Effect;

/** Which other changes stand in the way of judging one, and which can be told apart from it. */
final class OtherChanges
{
    /** Readings that tell two changes apart. */
    private const LEAST_PER_SIDE = 3;

    /** Days that do: within them a change is still coming to show, and its end passes for the next one's doing. */
    private const APART = 14.0;

    /**
     * The change that cannot be told apart from this one: fewer than three readings lie between, or less than it takes
     * to settle.
     *
     * @param  list<Confounder>  $confounders
     */
    public static function tooClose(Evidence $evidence, array $confounders): ?Confounder
    {
        foreach ($confounders as $confounder) {
            if (
                $confounder->day !== null
                && ! $confounder->wears
                && self::beyond($evidence, $confounder->day) > 0
                && (self::between($evidence, $confounder->day) < self::LEAST_PER_SIDE
                    || abs($confounder->day) < max(self::APART, $evidence->settlingDays))
            ) {
                return $confounder;
            }
        }

        return null;
    }

    /**
     * @param  list<Confounder>  $confounders
     * @return list<float> days of changes with three readings on either side of them and of this one
     */
    public static function told(Evidence $evidence, array $confounders): array
    {
        $days = [];
        foreach ($confounders as $confounder) {
            if (
                $confounder->day !== null
                && ! $confounder->wears
                && self::between($evidence, $confounder->day) >= self::LEAST_PER_SIDE
                && abs($confounder->day) >= self::APART
                && self::beyond($evidence, $confounder->day) >= self::LEAST_PER_SIDE
            ) {
                $days[] = $confounder->day;
            }
        }

        return $days;
    }

    /** Readings between the change and another one. */
    private static function between(Evidence $evidence, float $day): int
    {
        return count(array_filter(
            $evidence->observations,
            static fn (Observation $one): bool => $one->day > min(0.0, $day) && $one->day <= max(0.0, $day),
        ));
    }

    /** Readings on the far side of another change. */
    private static function beyond(Evidence $evidence, float $day): int
    {
        return count(array_filter(
            $evidence->observations,
            static fn (Observation $one): bool => $day > 0.0 ? $one->day > $day : $one->day <= $day,
        ));
    }
}
