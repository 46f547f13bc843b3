<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** How a baffle lets the water by. */
enum BaffleKind: string
{
    case Weir = 'weir';
    case Gate = 'gate';
    case Comb = 'comb';
    case Under = 'under';

    public function label(): string
    {
        return match ($this) {
            self::Weir => 'Weir baffle',
            self::Gate => 'Gate',
            self::Comb => 'Comb-topped baffle',
            self::Under => 'Under-gap baffle',
        };
    }

    /** As a narrow place names it. */
    public function shortLabel(): string
    {
        return match ($this) {
            self::Weir => 'weir',
            self::Gate => 'gate',
            self::Comb => 'comb',
            self::Under => 'under-gap baffle',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Weir => 'Stands on the floor; the water goes over it.',
            self::Gate => 'A weir whose height can be set.',
            self::Comb => 'A weir with teeth that hold algae and snails back.',
            self::Under => 'Hangs clear of the floor; the water goes under it.',
        };
    }
}
