<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

/** What a keeper feeds, in the kinds that differ in nitrogen and phosphorus. */
enum Food: string
{
    case Pellet = 'pellet';
    case Flake = 'flake';
    case Frozen = 'frozen';
    case Seaweed = 'seaweed';

    public function label(): string
    {
        return match ($this) {
            self::Pellet => 'pellets',
            self::Flake => 'flakes',
            self::Frozen => 'frozen food',
            self::Seaweed => 'dried seaweed',
        };
    }
}
