<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\Usage;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How often socks are changed. */
final class SockUsage implements Usage
{
    public function name(): string
    {
        return 'The sock interval';
    }

    public function perDay(float $use): Text
    {
        return Text::of('one in {days} days', days: Quantity::number(1 / $use, 1));
    }
}
