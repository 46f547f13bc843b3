<?php

declare(strict_types=1);

namespace Ithys\Packing;

/** One piece where it lies on a stock sheet, mm from the sheet's lower left corner. */
final readonly class Nest
{
    public function __construct(
        public string $mark,
        public float $xMm,
        public float $yMm,
        public float $lengthMm,
        public float $widthMm,
        public bool $turned,
    ) {
    }
}
