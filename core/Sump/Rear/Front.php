<?php

declare(strict_types=1);

namespace Ithys\Sump\Rear;

use Ithys\Flow\Bisection;
use Ithys\Sump\Cutting\Basket;

/** What stands before rear chambers: the display, the slotted wall, and a basket that all of the water has to pass. */
final readonly class Front
{
    public function __construct(
        public RearWall $wall,
        /** Surface of the display, mm²; null while it is not known. */
        public ?float $squareMm,
        /** The display from its front to the wall, mm; null while it is not known. */
        public ?float $depthMm,
        public ?Basket $basket,
        /** Kinematic, m²/s. */
        public float $viscosity,
    ) {
    }

    /** Litres of the display for each millimetre; null while its area is not known. */
    public function litresPerMm(): ?float
    {
        return $this->squareMm === null ? null : $this->squareMm / 1e6;
    }

    /** Level of the display that lets a flow through the slots, mm over the floor. */
    public function displayMm(float $litresPerHour, float $behindMm): float
    {
        return $litresPerHour <= 0.0
            ? max($behindMm, $this->wall->crestMm)
            : Bisection::root(
                fn (float $level): float => $this->wall->flow($level, $behindMm) - $litresPerHour,
                $behindMm,
                $behindMm + 10_000.0,
            );
    }

    /**
     * Level before what stands in a chamber: that of the chamber itself, or as high as a basket that fills it backs the
     * water up, mm.
     */
    public function beforeMm(int $chamber, float $levelMm, float $litresPerHour): float
    {
        $basket = $this->basket;

        return $basket?->use?->chamber === $chamber && $litresPerHour > 0.0
            ? BasketFlow::of($basket, $levelMm, $litresPerHour, $this->viscosity)->beforeMm
            : $levelMm;
    }
}
