<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

/** How the foam of a skimmer looks when something is wrong with it. */
enum Foam: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Empty = 'empty';
    case Boiling = 'boiling';
    case Overflowing = 'overflowing';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'dry: little, dark and thick',
            self::Wet => 'wet: much, pale and thin',
            self::Empty => 'empty: no foam reaches the cup',
            self::Boiling => 'boiling: it churns at the top and never stands',
            self::Overflowing => 'overflowing: the cup runs over',
        };
    }
}
