<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

/** What keepers weigh when they choose a way to filter. */
enum Criterion: string
{
    case Volume = 'volume';
    case Turnover = 'turnover';
    case Gear = 'gear';
    case Surface = 'surface';
    case Power = 'power';
    case Consumables = 'consumables';
    case Price = 'price';
    case Failures = 'failures';
    case Noise = 'noise';
    case Skill = 'skill';
    case Look = 'look';

    public function label(): string
    {
        return match ($this) {
            self::Volume => 'Working volume gained',
            self::Turnover => 'Turnover it can reach',
            self::Gear => 'Room for skimmer, refugium, reactor',
            self::Surface => 'Draws the surface',
            self::Power => 'Power a year',
            self::Consumables => 'Consumables a year',
            self::Price => 'Price of the filter',
            self::Failures => 'How it fails',
            self::Noise => 'Noise',
            self::Skill => 'Skill it asks for',
            self::Look => 'What shows in the display',
        };
    }
}
