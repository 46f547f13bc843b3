<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Flow\Bisection;

/** Seawater at one atmosphere. */
final class Seawater
{
    /**
     * Density in kg/m³ by the international equation of state EOS-80.
     *
     * Source: UNESCO 1983 (Fofonoff and Millard, Technical Papers in Marine Science 44), one-atmosphere part.
     *
     * @param  float  $salinity  practical salinity, 0 to 42
     * @param  float  $celsius  IPTS-68 temperature, -2 to 40 °C
     */
    public static function density(float $salinity, float $celsius): float
    {
        $t = $celsius;
        $pure
            = 999.842594
            + $t * (6.793952e-2 + $t * (-9.09529e-3 + $t * (1.001685e-4 + $t * (-1.120083e-6 + $t * 6.536332e-9))));
        $linear = 8.24493e-1 + $t * (-4.0899e-3 + $t * (7.6438e-5 + $t * (-8.2467e-7 + $t * 5.3875e-9)));
        $threeHalves = -5.72466e-3 + $t * (1.0227e-4 + $t * -1.6546e-6);

        return $pure + $linear * $salinity + $threeHalves * $salinity ** 1.5 + 4.8314e-4 * $salinity ** 2;
    }

    /**
     * Practical salinity of water of a specific gravity: its density over that of pure water, both at its temperature,
     * by the density above.
     *
     * @param  float  $specificGravity  as a hobby hydrometer or refractometer shows it, 1 to 1.033
     */
    public static function salinityAt(float $specificGravity, float $celsius): float
    {
        $pure = self::density(0.0, $celsius);

        return Bisection::root(
            static fn (float $salinity): float => self::density($salinity, $celsius) / $pure - $specificGravity,
            0.0,
            45.0,
        );
    }

    /**
     * Kinematic viscosity, m²/s: Sharqawy, Lienhard and Zubair 2010, equations 22 and 23 (coefficients from memory),
     * over the density above.
     */
    public static function kinematicViscosity(float $salinity, float $celsius): float
    {
        $pure = 4.2844e-5 + 1 / (0.157 * ($celsius + 64.993) ** 2 - 91.296);
        $share = $salinity / 1000;
        $a = 1.541 + 1.998e-2 * $celsius - 9.52e-5 * $celsius ** 2;
        $b = 7.974 - 7.561e-2 * $celsius + 4.724e-4 * $celsius ** 2;

        return $pure * (1 + $a * $share + $b * $share ** 2) / self::density($salinity, $celsius);
    }
}
