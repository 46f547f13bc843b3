<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Quantity\Text;

/** Something else that changed within the window, so the effect may not be this change's alone. */
final readonly class Confounder
{
    public function __construct(
        public Text $sentence,
        /** Days from the judged change, negative before it; null for what cannot move the nutrient. */
        public ?float $day = null,
        /** A phosphate medium that changes the nutrient asked about for weeks, not at once. */
        public bool $wears = false,
    ) {
    }

    /** "3 days before", "on the same day", "9 days after". */
    public static function when(float $day): string
    {
        $days = (int) round(abs($day));

        return match (true) {
            $days === 0 => 'on the same day',
            default => $days.($days === 1 ? ' day ' : ' days ').($day < 0 ? 'before' : 'after'),
        };
    }
}
