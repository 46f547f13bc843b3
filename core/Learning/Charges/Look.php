<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** How a charge stands at a moment. */
final readonly class Look
{
    public function __construct(
        public float $day,
        /** mg that it holds: phosphate, or organic nitrogen for carbon and resin. */
        public float $held,
        /** mg a day, the mean of the last week. */
        public float $takes,
        /** What it takes, of what a fresh one would take from the same water: the mean of the last week. */
        public float $share,
        /** mg of phosphate a day that rock gives the water, less what it takes; the mean of the last week. */
        public float $rockGives,
    ) {
    }
}
