<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** What state a charge is in, in the words that every page uses. */
enum Condition: string
{
    case Working = 'working';
    case Fading = 'fading';
    case LikelyExhausted = 'probably exhausted';
    case Exhausted = 'exhausted';
    case ExhaustedOrBypassed = 'exhausted or bypassed';
    case Bypassed = 'bypassed';
    case Overdue = 'to come out';
    case NotClear = 'not clear yet';
    /** A reading and the model cannot both be right. */
    case Contradicted = 'readings and model disagree';
    case Out = 'out';

    /** Whether something is to be done about it. */
    public function isGrave(): bool
    {
        return in_array(
            $this,
            [self::Exhausted, self::ExhaustedOrBypassed, self::Bypassed, self::Overdue, self::Contradicted],
            true,
        );
    }

    /** Whether it is called exhausted: not while it may well still work. */
    public function isExhausted(): bool
    {
        return $this === self::Exhausted || $this === self::ExhaustedOrBypassed;
    }
}
