<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** Days from one time to the next, and what they rest on. */
final readonly class Interval
{
    public function __construct(public int $days, public Basis $basis, public Text $why)
    {
    }
}
