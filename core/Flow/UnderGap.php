<?php

declare(strict_types=1);

namespace Ithys\Flow;

/** Water under a baffle: an orifice between two levels. */
final readonly class UnderGap
{
    /** @param  float  $coefficient  of discharge */
    public function __construct(public float $gapMm, public float $widthMm, private float $coefficient)
    {
    }

    /** Flow at a difference in level, L/h. */
    public function flow(float $differenceMm): float
    {
        return Orifice::flow($this->areaSquareMetres(), $differenceMm, $this->coefficient);
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
