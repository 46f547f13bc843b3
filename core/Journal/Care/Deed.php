<?php

declare(strict_types=1);

namespace Ithys\Journal\Care;

/** What was done to it. */
enum Deed: string
{
    case Changed = 'changed';
    case Cleaned = 'cleaned';
    case Emptied = 'emptied';
    case Advanced = 'advanced';
    case Siphoned = 'siphoned';
    case Filled = 'filled';

    /** Null for a word that is none. */
    public static function of(string $word): ?self
    {
        return match ($word) {
            'changed', 'change', 'swapped', 'swap', 'replaced', 'new' => self::Changed,
            'cleaned', 'clean', 'rinsed', 'rinse', 'washed', 'wash', 'wiped', 'scraped' => self::Cleaned,
            'emptied', 'empty', 'drained' => self::Emptied,
            'advanced', 'advance', 'moved', 'forwarded' => self::Advanced,
            'filled', 'fill', 'refilled', 'refill' => self::Filled,
            'siphoned', 'siphon', 'vacuumed', 'syphoned' => self::Siphoned,
            default => null,
        };
    }
}
