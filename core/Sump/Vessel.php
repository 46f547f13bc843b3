<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Panel\Material;

/** The box of a sump: its inner size and the sheets it is made of. */
final readonly class Vessel
{
    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $wallMm,
        public Material $material = Material::Glass,
        /** Whether a brace or rim holds the top edges of the walls. */
        public bool $braced = false,
        /** Thickness of the bottom, mm; that of the walls where it is not given. */
        public ?float $bottomMm = null,
        /** Whether the bottom is held at its edges only, by a rim or frame, instead of lying flat on its whole area. */
        public bool $bottomOnEdges = false,
    ) {
    }
}
