<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** The room the sump stands in, from its floor, mm; a figure is null while it is not given. */
final readonly class Cabinet
{
    public function __construct(
        /** Clear height from the floor of the sump to the top of the cabinet. */
        public ?float $heightMm = null,
        /** Clear length and width a sump can take up. */
        public ?float $lengthMm = null,
        public ?float $widthMm = null,
    ) {
    }
}
