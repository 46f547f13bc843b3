<?php

declare(strict_types=1);

namespace Ithys\System;

/** Where a fact comes from, the best first. */
enum Origin: string
{
    case Computed = 'computed';
    case Described = 'described';

    public function label(): string
    {
        return match ($this) {
            self::Computed => 'computed from the drawn sump',
            self::Described => 'as described',
        };
    }
}
