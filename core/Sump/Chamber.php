<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** The space between two baffles, or a baffle and a wall. */
final readonly class Chamber
{
    public function __construct(public int $index, public float $fromMm, public float $toMm, public float $widthMm)
    {
    }

    /** As keepers count them, from 1 at the inlet. */
    public function number(): int
    {
        return $this->index + 1;
    }

    public function lengthMm(): float
    {
        return $this->toMm - $this->fromMm;
    }

    /** Litres for each millimetre of water. */
    public function litresPerMm(): float
    {
        return $this->lengthMm() * $this->widthMm / 1e6;
    }

    /** Whether something of that size stands in it, the one way or turned, with so much room left both ways, mm. */
    public function takes(Size $size, float $roomMm = 0.0): bool
    {
        [$length, $width] = [$size->lengthMm + $roomMm, $size->widthMm + $roomMm];

        return ($length <= $this->lengthMm() && $width <= $this->widthMm)
            || ($width <= $this->lengthMm() && $length <= $this->widthMm);
    }
}
