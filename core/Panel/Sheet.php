<?php

declare(strict_types=1);

namespace Ithys\Panel;

/** An upright sheet between its supports. */
final readonly class Sheet
{
    public function __construct(
        public float $lengthMm,
        public float $heightMm,
        public float $thicknessMm,
        public Material $material,
    ) {
    }
}
