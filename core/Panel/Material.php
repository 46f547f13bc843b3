<?php

declare(strict_types=1);

namespace Ithys\Panel;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** What panels are made of. */
enum Material: string
{
    case Glass = 'glass';
    case Acrylic = 'acrylic';

    /** Elastic modulus, Pa. */
    public function elasticity(Assumptions $assumptions): float
    {
        return 1e6
            * $assumptions->value($this === self::Glass ? Assumed::GlassStiffness : Assumed::AcrylicStiffness);
    }

    public function poisson(Assumptions $assumptions): float
    {
        return $assumptions->value($this === self::Glass ? Assumed::GlassPoisson : Assumed::AcrylicPoisson);
    }

    public function strength(Assumptions $assumptions): Assumption
    {
        return $assumptions->of($this === self::Glass ? Assumed::GlassStrength : Assumed::AcrylicStrength);
    }
}
