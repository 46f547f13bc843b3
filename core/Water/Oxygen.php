<?php

declare(strict_types=1);

namespace Ithys\Water;

/** Oxygen in water that stands in balance with air. */
final class Oxygen
{
    /**
     * mg/L at sea level.
     *
     * Source: Benson and Krause 1984, equation for µmol/kg (Garcia and Gordon 1992 give the same to 0.1 %), from
     * memory.
     *
     * @param  float  $celsius  0 to 40
     * @param  float  $salinity  practical, 0 to 42
     */
    public static function saturation(float $celsius, float $salinity): float
    {
        $kelvin = $celsius + 273.15;
        $fresh = -135.29996 + 1.572288e5 / $kelvin - 6.637149e7 / $kelvin ** 2 + 1.243678e10 / $kelvin ** 3
            - 8.621061e11 / $kelvin ** 4;
        $salt = 0.020573 - 12.142 / $kelvin + 2363.1 / $kelvin ** 2;
        $micromol = exp($fresh - $salinity * $salt);

        return $micromol * 31.9988 / 1000 * Seawater::density($salinity, $celsius) / 1000;
    }
}
