<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** Where a panel is set along a sump, to its near face. */
final readonly class SetAt
{
    public function __construct(
        /** From the inner face of the inlet wall, mm. */
        public float $insideMm,
        /** From the outer face of that wall, as a check on the tape, mm. */
        public float $outsideMm,
    ) {
    }
}
