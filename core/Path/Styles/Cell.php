<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** How one style does by one criterion: a figure or a few words, how it suits this room, and why. */
final readonly class Cell
{
    public function __construct(
        public Text|Quantity|string $text,
        public Severity $suits,
        public Text|string $reason,
        public Text|string|null $school = null,
        public ?Assumption $basis = null,
    ) {
    }
}
