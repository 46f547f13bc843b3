<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Assumption\Assumptions;
use Ithys\Journal\CarbonDose\CarbonSource;

/** Organic carbon as it is dosed: what holds as much of it as another. */
final readonly class OrganicCarbon
{
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
