<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use Ithys\Assumption\Assumptions;
use Ithys\Journal\CarbonDose\CarbonSource;

/** Organic carbon as it is dosed: what holds as much of it as another, and how to begin. */
final readonly class OrganicCarbon
{
    /** g/mol, IUPAC 2013. */
    private const CARBON = 12.011;

    private const ETHANOL = 46.069;

    private const ACETIC = 60.052;

    /** g/mL of ethanol at 20 °C (CRC Handbook, from memory). */
    private const ETHANOL_DENSITY = 0.789;

    /** Carbon in spirit of so many per cent by volume, mg a mL: two atoms in ethanol. */
    public static function inSpirit(float $percent): float
    {
        return 1000 * $percent / 100 * self::ETHANOL_DENSITY * 2 * self::CARBON / self::ETHANOL;
    }

    /** Carbon in vinegar of so many per cent (g in 100 mL), mg a mL: two atoms in acetic acid. */
    public static function inVinegar(float $percent): float
    {
        return 1000 * $percent / 100 * 2 * self::CARBON / self::ACETIC;
    }

    /** mg of carbon in a mL, as the tank has it. */
    public static function perMillilitre(CarbonSource $source, Assumptions $assumptions): float
    {
        return $assumptions->value("carbon-{$source->value}");
    }

    /** mL of another source that hold as much carbon. */
    public static function equal(
        float $millilitres,
        CarbonSource $source,
        CarbonSource $other,
        Assumptions $assumptions,
    ): float {
        return $millilitres * self::perMillilitre($source, $assumptions) / self::perMillilitre($other, $assumptions);
    }
}
