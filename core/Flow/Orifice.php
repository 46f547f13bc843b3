<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumptions;

/** Water through a sharp-edged hole: Torricelli with a discharge coefficient. */
final class Orifice
{
    /** Flow under a head, L/h. */
    public static function flow(float $areaSquareMetres, float $headMm): float
    {
        return $headMm <= 0.0
            ? 0.0
            : Assumptions::orificeCoefficient()->value
                    * $areaSquareMetres
                    * sqrt((2 * Weir::GRAVITY * $headMm) / 1000)
                    * 3.6e6;
    }
}
