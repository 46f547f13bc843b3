<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** A water change as the nutrients see it: the share of the water replaced, and when. */
final readonly class Dilution
{
    public function __construct(
        /** Days from the change that is judged. */
        public float $day,
        /** 0 to 1. */
        public float $share,
        /** mg/L in that water; null where it was not said. */
        public ?float $source = null,
    ) {
    }
}
