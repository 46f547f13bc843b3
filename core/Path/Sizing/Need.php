<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** One thing to buy or provide: how much, and the arithmetic behind it. */
final readonly class Need
{
    public function __construct(
        public string $code,
        public Text|string $what,
        public Text|Quantity $amount,
        public Text|string $why,
        public ?Assumption $basis = null,
        public ?string $at = null,
    ) {
    }
}
