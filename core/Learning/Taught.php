<?php

declare(strict_types=1);

namespace Ithys\Learning;

/** What readings have taught of a figure. */
enum Taught: string
{
    /** Its range is narrow, and such ranges held in simulated tanks. */
    case Learned = 'learned';
    /** Its range is narrow, but another split between such figures fits the readings as well. */
    case Together = 'together';
    /** Its range is hardly narrower than before the readings. */
    case Assumed = 'assumed';

    public function says(): string
    {
        return match ($this) {
            self::Learned => 'learned',
            self::Together => 'learned only together with others',
            self::Assumed => 'assumed',
        };
    }
}
