<?php

declare(strict_types=1);

namespace Ithys\Journal\WaterChange;

use Ithys\Journal\Usage;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How much of the water is changed, as a share of it. */
final class WaterChangeUsage implements Usage
{
    public function name(): string
    {
        return 'Changing water';
    }

    public function perDay(float $use): Text
    {
        return Text::of('{share} a week', share: Quantity::share(7 * $use, 1));
    }
}
