<?php

declare(strict_types=1);

namespace Ithys\Water;

/** The salt and warmth of a water, and what follows from them. */
final readonly class Conditions
{
    public function __construct(
        /** Practical salinity. */
        public float $salinity,
        public float $celsius,
    ) {
    }

    /** Density, kg/m³. */
    public function density(): float
    {
        return Seawater::density($this->salinity, $this->celsius);
    }

    /** Kinematic viscosity, m²/s. */
    public function viscosity(): float
    {
        return Seawater::kinematicViscosity($this->salinity, $this->celsius);
    }
}
