<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

/** What the guard says of a dose. */
enum Answer: string
{
    case Fine = 'fine';
    /** Needs a tick and a reason. */
    case Ask = 'ask';
    /** Is not planned or advised; what was done already is asked about and recorded all the same. */
    case Refuse = 'refuse';

    public function rank(): int
    {
        return match ($this) {
            self::Refuse => 0,
            self::Ask => 1,
            self::Fine => 2,
        };
    }
}
