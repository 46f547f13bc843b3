<?php

declare(strict_types=1);

namespace Ithys\Flow;

/** Water through a sharp-edged hole: Torricelli with a discharge coefficient. */
final class Orifice
{
    /** Flow under a head, L/h; the coefficient is that of discharge. */
    public static function flow(float $areaSquareMetres, float $headMm, float $coefficient): float
    {
        return $headMm <= 0.0
            ? 0.0
            : $coefficient * $areaSquareMetres * sqrt(2 * Weir::GRAVITY * $headMm / 1000) * 3.6e6;
    }
}
