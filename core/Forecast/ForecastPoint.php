<?php

declare(strict_types=1);

namespace Ithys\Forecast;

/** A level ahead, ppm, and between which ends it lies in 80 of 100 cases. */
final readonly class ForecastPoint
{
    public function __construct(
        /** From now. */
        public float $days,
        public float $level,
        public float $low,
        public float $high,
    ) {
    }
}
