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
}
