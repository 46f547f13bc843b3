<?php

declare(strict_types=1);

namespace Ithys\System;

/** Where a fact comes from, the best first. */
enum Origin: string
{
    case Computed = 'computed';
    case Described = 'described';
}
