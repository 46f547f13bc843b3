<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

/** How much of something a keeper and the room put up with. */
enum Tolerance: string
{
    case Little = 'little';
    case Some = 'some';
    case Much = 'much';
}
