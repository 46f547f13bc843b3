<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

/** How a tank stands to the levels its keeper wants. */
enum State: string
{
    case ZeroAndZero = 'zero and zero';
    case TooHigh = 'too high';
    case TooLow = 'too low';
    case Apart = 'one too high, one too low';
    case Within = 'within';
}
