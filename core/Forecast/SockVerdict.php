<?php

declare(strict_types=1);

namespace Ithys\Forecast;

/** Whether a sock helps, as it is changed. */
enum SockVerdict: string
{
    case Helping = 'helping';
    case Neutral = 'neutral';
    case Harming = 'slightly harmful';
    case NotChanged = 'never changed';
}
