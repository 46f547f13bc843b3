<?php

declare(strict_types=1);

namespace Ithys\Effect;

/** How many readings an answer stands on. */
final readonly class Readings
{
    public function __construct(
        public int $before,
        public int $after,
        /** At the present spacing, to show the wanted size; null when none are needed or none would help. */
        public ?int $more,
        /** Days since the change settled, up to the last reading. */
        public float $days,
    ) {
    }
}
