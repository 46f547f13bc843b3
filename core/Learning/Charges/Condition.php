<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** What state a charge is in. */
enum Condition: string
{
    case Working = 'working';
    case Fading = 'fading';
    case LikelySpent = 'probably exhausted';
    case Spent = 'exhausted';
    case Passing = 'bypassed';
    case Overdue = 'to come out';
    /** A reading and the model cannot both be right. */
    case Unclear = 'not clear';
}
