<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How likely it is that a change did anything. */
final readonly class Likely
{
    public function __construct(
        /** How easily nothing at all would look like this, 0 to 1. */
        public float $chance,
        /** Odds that it did something. */
        public float $odds,
    ) {
    }

    /** "3 to 1 that it did something": no finer than odds are known. */
    public function says(): Text
    {
        $odds = max(0.01, min(100.0, $this->odds));
        $number = static fn (float $one): int => (int) max(1, round(Quantity::significant($one, 1)));

        if (round(max($odds, 1 / $odds)) === 1.0) {
            return Text::of('Even odds that it did anything');
        }

        return $odds >= 1.0
            ? Text::of('{odds} to 1 that it did something', odds: $number($odds))
            : Text::of('{odds} to 1 that it did nothing', odds: $number(1 / $odds));
    }
}
