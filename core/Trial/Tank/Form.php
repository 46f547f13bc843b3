<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

/** How a trial in the keeper's own tanks is run. */
enum Form: string
{
    /** On and off in one tank, again and again. */
    case Switched = 'switched';
    /** One tank is changed, another is left as it is. */
    case Paired = 'paired';
    /** One tank is changed once. */
    case Before = 'before';

    public function label(): string
    {
        return match ($this) {
            self::Switched => 'On and off in this tank',
            self::Paired => 'Two tanks, one changed',
            self::Before => 'Before and after in this tank',
        };
    }
}
