<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

/** How a charge stands. */
enum Condition: string
{
    case Working = 'working';
    case Fading = 'fading';
    case LikelySpent = 'likely spent';
    case Spent = 'spent';
    case Passing = 'water passes by it';
    case Overdue = 'to come out';
}
