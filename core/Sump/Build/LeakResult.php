<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

/** What a leak test showed. */
enum LeakResult: string
{
    case Dry = 'dry';
    case Weeps = 'weeps';
    case Leaks = 'leaks';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'dry all round',
            self::Weeps => 'weeps at a seam',
            self::Leaks => 'leaks',
        };
    }
}
