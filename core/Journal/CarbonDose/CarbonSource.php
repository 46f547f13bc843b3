<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

/** What organic carbon is dosed as. */
enum CarbonSource: string
{
    case Vinegar = 'vinegar';
    case Spirit = 'spirit';
    case Blend = 'blend';
}
