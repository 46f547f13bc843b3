<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** Fisher's F distribution. */
final class FDistribution
{
    /** P(F > f) with these degrees of freedom. */
    public static function above(float $f, float $between, float $within): float
    {
        return $f <= 0.0
            ? 1.0
            : IncompleteBeta::regularized($within / ($within + $between * $f), $within / 2, $between / 2);
    }
}
