<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** The normal distribution with mean nought and standard deviation one. */
final class Normal
{
    /** Below this the tail is reckoned by its series. */
    private const FAR = -4.0;

    public static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }

    /**
     * The share below a value.
     *
     * Source: Abramowitz and Stegun 26.2.17, off by at most 7.5e-8.
     */
    public static function below(float $z): float
    {
        $t = 1 / (1 + 0.2316419 * abs($z));
        $tail = self::density($z) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937
            + $t * (-1.821255978 + $t * 1.330274429))));

        return $z > 0.0 ? 1 - $tail : $tail;
    }

    /** How far below a limit what lies below it lies on average, in standard deviations from the mean. */
    public static function meanBelow(float $z): float
    {
        if ($z >= self::FAR) {
            return self::density($z) / self::below($z);
        }
        $far = -$z;

        return $far + 1 / $far - 2 / $far ** 3 + 10 / $far ** 5;
    }
}
