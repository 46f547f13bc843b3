<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Forecast\Bands\Band;
use Ithys\Forecast\Bands\Nutrient;
use Ithys\Journal\Reading\Parameter;

/** Forecasts by several stories as one: the middle, and the ends of 80 % of all of them together. */
final class Mixture
{
    private const HALVINGS = 40;

    /** Spreads on either side beyond which next to nothing lies. */
    private const FAR = 12.0;

    /**
     * @param  non-empty-list<array{float, array<string, list<array{float, float, float}>>}>  $stories  odds; and days
     *   ahead, middle and spread on the scale of the nutrient, by parameter
     * @return array<string, list<ForecastPoint>>
     */
    public static function of(array $stories): array
    {
        $mixed = [];
        foreach ($stories[0][1] as $key => $points) {
            $nutrient = Nutrient::of(Parameter::from($key));
            foreach ($points as $n => [$days, $middle, $spread]) {
                if (count($stories) === 1) {
                    $ends = static fn (float $share): float => Band::quantile($nutrient, $middle, $spread, $share);
                } else {
                    $parts = array_map(static fn (array $story): array => [
                        $story[0],
                        $story[1][$key][$n][1] ?? $middle,
                        $story[1][$key][$n][2] ?? $spread,
                    ], $stories);
                    $ends = static fn (float $share): float => $nutrient->back(self::point($parts, $share));
                }
                $mixed[$key][] = new ForecastPoint($days, $ends(0.5), $ends(0.1), $ends(0.9));
            }
        }

        return $mixed;
    }

    /** @param  non-empty-list<array{float, float, float}>  $parts  odds, middle and spread */
    private static function point(array $parts, float $share): float
    {
        $low = min(array_map(static fn (array $one): float => $one[1] - self::FAR * $one[2], $parts));
        $high = max(array_map(static fn (array $one): float => $one[1] + self::FAR * $one[2], $parts));
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            $below = 0.0;
            foreach ($parts as [$odds, $mean, $spread]) {
                $below += $odds * Band::below($middle, $mean, $spread);
            }
            $below < $share ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
