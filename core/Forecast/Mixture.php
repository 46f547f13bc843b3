<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Statistics\Normal;

/** Forecasts by several stories as one: the middle, and the ends of 80 % of all of them together. */
final class Mixture
{
    /** Half of a band that holds 80 %, in standard deviations. */
    private const BAND = 1.2816;

    private const LEAST = 1e-6;

    private const HALVINGS = 40;

    /**
     * @param  non-empty-list<array{float, array<string, list<ForecastPoint>>}>  $stories  odds, and points by parameter
     * @return array<string, list<ForecastPoint>>
     */
    public static function of(array $stories): array
    {
        $mixed = [];
        foreach ($stories[0][1] as $parameter => $points) {
            foreach ($points as $n => $point) {
                $parts = [];
                foreach ($stories as [$odds, $told]) {
                    $one = $told[$parameter][$n] ?? $point;
                    $middle = log(max(self::LEAST, $one->level));
                    $parts[] = [
                        $odds,
                        $middle,
                        max(1e-3, (log(max(self::LEAST, $one->high)) - $middle) / self::BAND),
                    ];
                }
                $mixed[$parameter][] = new ForecastPoint(
                    $point->days,
                    self::point($parts, 0.5),
                    self::point($parts, 0.1),
                    self::point($parts, 0.9),
                );
            }
        }

        return $mixed;
    }

    /** @param  non-empty-list<array{float, float, float}>  $parts  odds, and mean and spread of the log */
    private static function point(array $parts, float $share): float
    {
        $low = min(array_map(static fn (array $one): float => $one[1] - 5 * $one[2], $parts));
        $high = max(array_map(static fn (array $one): float => $one[1] + 5 * $one[2], $parts));
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            $below = 0.0;
            foreach ($parts as [$odds, $mean, $spread]) {
                $below += $odds * Normal::below(($middle - $mean) / $spread);
            }
            $below < $share ? $low = $middle : $high = $middle;
        }

        return exp(($low + $high) / 2);
    }
}
