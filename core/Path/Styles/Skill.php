<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

/** How long a keeper has been at it. */
enum Skill: string
{
    case New = 'new';
    case Some = 'some';
    case Long = 'long';

    public function label(): string
    {
        return match ($this) {
            self::New => 'new to reefs',
            self::Some => 'a few years',
            self::Long => 'long experience',
        };
    }
}
