<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** The water and the ground that everything happens in. */
final readonly class Basin
{
    /** Volumes an hour where nobody said them. */
    public const TURNOVER = 6.0;

    public const DISPLAY_TURNOVER = 20.0;

    public function __construct(
        /** Working volume. */
        public float $litres,
        public float $rockKg = 0.0,
        public float $sandKg = 0.0,
        /** Volumes an hour through the filter. */
        public float $turnover = self::TURNOVER,
        /** Volumes an hour within the display. */
        public float $displayTurnover = self::DISPLAY_TURNOVER,
        public bool $bareBottom = false,
        public float $topOffLitresPerDay = 0.0,
    ) {
    }
}
