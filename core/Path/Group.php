<?php

declare(strict_types=1);

namespace Ithys\Path;

/** The shelves of the equipment catalogue. */
enum Group: string
{
    case Inlet = 'inlet';
    case Mechanical = 'mechanical';
    case Export = 'export';
    case Media = 'media';
    case Calm = 'calm';
    case Service = 'service';

    public function label(): string
    {
        return match ($this) {
            self::Inlet => 'Where water leaves the tank',
            self::Mechanical => 'Mechanical',
            self::Export => 'Skimmer and algae',
            self::Media => 'Media and what holds it',
            self::Calm => 'Calm and catch',
            self::Service => 'Pumps and service',
        };
    }
}
