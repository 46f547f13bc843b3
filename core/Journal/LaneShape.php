<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** How the marks of a lane say what they mean. */
enum LaneShape: string
{
    /** One tick an entry, as high as its amount. */
    case Ticks = 'ticks';
    /** From each entry to the next: what was in the water when. */
    case Bars = 'bars';
    /** From each entry to the next, as high as its amount. */
    case Steps = 'steps';
    /** One drop an entry, with its share beside it. */
    case Drops = 'drops';
    /** On, or off for how long. */
    case Toggle = 'toggle';

    /** Whether what is set stays so until the next entry of the lane. */
    public function holds(): bool
    {
        return $this === self::Steps || $this === self::Toggle;
    }
}
