<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

/** Room under the tank, mm; null while not known or without a cabinet. */
final readonly class Cabinet
{
    public function __construct(
        public ?float $lengthMm = null,
        public ?float $widthMm = null,
        public ?float $heightMm = null,
    ) {
    }
}
