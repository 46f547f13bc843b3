<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;

/** Bounds that keep a slip of the pen out of the journal. */
final class Amount
{
    /**
     * @param  Dimension  $in  what the figure measures, in whose base unit it is
     *
     * @throws InvalidEntry when the figure is not within the bounds, or not a number
     */
    public static function within(
        float $figure,
        float $least,
        float $most,
        string $what,
        Dimension $in = Dimension::Plain,
    ): float {
        if (! is_finite($figure) || $figure < $least || $figure > $most) {
            throw InvalidEntry::outOfBounds($what, Quantity::base($least, $in), Quantity::base($most, $in));
        }

        return $figure;
    }
}
