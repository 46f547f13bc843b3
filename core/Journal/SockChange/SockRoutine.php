<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\Routine;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How often socks are changed. */
final class SockRoutine implements Routine
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
