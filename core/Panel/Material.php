<?php

declare(strict_types=1);

namespace Ithys\Panel;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** What panels are made of. */
enum Material: string
{
    case Glass = 'glass';
    case Acrylic = 'acrylic';

    /** Elastic modulus, Pa; handbook values from memory. */
    public function elasticity(): float
    {
        return $this === self::Glass ? 70e9 : 3.0e9;
    }

    /** Poisson's ratio; handbook values from memory. */
    public function poisson(): float
    {
        return $this === self::Glass ? 0.22 : 0.37;
    }

    public function strength(): Assumption
    {
        return $this === self::Glass ? Assumptions::glassStrength() : Assumptions::acrylicStrength();
    }
}
