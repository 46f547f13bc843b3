<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** What comes down from above when the pump stops. */
final readonly class DrainDown
{
    public function __construct(
        /** Surface of the display, mm². */
        public float $displaySquareMm,
        /** How far the display falls until the lowest siphon breaks, mm. */
        public float $fallMm,
        /** Water in the overflow box that drains, L. */
        public float $boxLitres,
        /** Water in drain and return pipes, L. */
        public float $pipeLitres,
    ) {
    }

    public function litres(): float
    {
        return $this->displaySquareMm * $this->fallMm / 1e6 + $this->boxLitres + $this->pipeLitres;
    }
}
