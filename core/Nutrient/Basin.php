<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** The water and the ground that everything happens in. */
final readonly class Basin
{
    public function __construct(
        /** Working volume. */
        public float $litres,
        public float $rockKg = 0.0,
        public float $sandKg = 0.0,
        /** Volumes an hour through the filter. */
        public float $turnover = 6.0,
        /** Volumes an hour within the display. */
        public float $displayTurnover = 20.0,
        public bool $bareBottom = false,
        public float $topOffLitresPerDay = 0.0,
    ) {
    }
}
