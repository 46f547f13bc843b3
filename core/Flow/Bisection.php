<?php

declare(strict_types=1);

namespace Ithys\Flow;

/** Finds where a function that rises from below zero crosses it. */
final class Bisection
{
    /**
     * The crossing between two places to the last bit that matters; the nearer end where there is none.
     *
     * @param  callable(float): float  $rising
     */
    public static function root(callable $rising, float $low, float $high): float
    {
        if ($rising($low) >= 0.0) {
            return $low;
        }
        if ($rising($high) <= 0.0) {
            return $high;
        }
        for ($step = 0; $step < 60 && $high - $low > 1e-12 * max(1.0, abs($high)); $step++) {
            $middle = ($low + $high) / 2;
            if ($rising($middle) < 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
