<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumptions;

/** Water under a baffle: an orifice between two levels. */
final readonly class UnderGap
{
    public function __construct(public float $gapMm, public float $widthMm)
    {
    }

    /** Flow at a difference in level, L/h. */
    public function flow(float $differenceMm): float
    {
        return $differenceMm <= 0.0 ? 0.0
            : Assumptions::orificeCoefficient()->value * $this->areaSquareMetres() * sqrt(2 * Weir::GRAVITY * $differenceMm / 1000) * 3.6e6;
    }

    /** Speed of the water through the gap, m/s. */
    public function speed(float $litresPerHour): float
    {
        return $litresPerHour / 3.6e6 / $this->areaSquareMetres();
    }

    private function areaSquareMetres(): float
    {
        return $this->gapMm * $this->widthMm / 1e6;
    }
}
