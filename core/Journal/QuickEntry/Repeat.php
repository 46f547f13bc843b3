<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** That something was done again and again up to a day. */
final readonly class Repeat
{
    public function __construct(public float $days, /** Year, month, day as Y-m-d. */ public string $until)
    {
    }
}
