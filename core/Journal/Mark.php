<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Text;

/** How an entry shows on its lane. */
final readonly class Mark
{
    public function __construct(
        /** How much of the lever it is, in the unit of its lane; null where it has no amount. */
        public ?float $amount = null,
        /** What stands beside it; empty where the mark says enough. */
        public Text|string $label = '',
        /** What it adds to the rate of its routine. */
        public float $use = 1.0,
    ) {
    }
}
