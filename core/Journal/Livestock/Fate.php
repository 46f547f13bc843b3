<?php

declare(strict_types=1);

namespace Ithys\Journal\Livestock;

/** What became of animals. */
enum Fate: string
{
    case Added = 'added';
    case Removed = 'removed';
    case Died = 'died';

    /** Null for a word that is none. */
    public static function of(string $word): ?self
    {
        return match ($word) {
            'added', 'add', 'new', 'bought', 'introduced' => self::Added,
            'removed', 'rehomed', 'sold', 'moved' => self::Removed,
            'died', 'dead', 'lost' => self::Died,
            default => null,
        };
    }
}
