<?php

declare(strict_types=1);

namespace Ithys\Panel;

/** Which edges hold a panel: printed tables are for four, and a free top edge bends many times further. */
enum Support: string
{
    case FourEdges = 'four-edges';
    case FreeTop = 'free-top';

    public function label(): string
    {
        return $this === self::FourEdges ? 'held on all four edges' : 'free at the top';
    }
}
