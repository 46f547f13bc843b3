<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

use Ithys\Journal\Usage;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How much organic carbon is dosed, in mL. */
final class CarbonDoseUsage implements Usage
{
    public function name(): string
    {
        return 'Organic carbon';
    }

    public function perDay(float $use): Text
    {
        return Text::of('{amount} a day', amount: Quantity::millilitres(round($use, $use < 1 ? 2 : 1)));
    }
}
