<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Interval;

/** What the water gained before and after a change, and the difference, mg a day with their intervals. */
final readonly class Rates
{
    public function __construct(
        public Interval $before,
        public Interval $after,
        public Interval $difference,
        /** The difference by another way, the median of slopes; null where it has none. */
        public ?float $secondOpinion = null,
        /** How far the level itself stepped at once, mg; null where it did not. */
        public ?Interval $jump = null,
    ) {
    }
}
