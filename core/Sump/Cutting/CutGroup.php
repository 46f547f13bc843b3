<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** What is cut from one kind of stock. */
enum CutGroup: string
{
    case Baffles = 'baffles';
    case Trays = 'trays';
    case EggCrate = 'egg-crate';
    case Blackout = 'blackout';
    case Basket = 'basket';
    case Pads = 'pads';

    public function label(): string
    {
        return match ($this) {
            self::Baffles => 'Baffles',
            self::Trays => 'Trays and ledges',
            self::EggCrate => 'Egg crate',
            self::Blackout => 'Blackout panels',
            self::Basket => 'Media basket',
            self::Pads => 'Pads',
        };
    }

    /** A stock sheet to begin with; estimates from memory, set by the keeper. Glass is cut to size by who sells it. */
    public function usualStock(): ?Stock
    {
        return match ($this) {
            self::Baffles => null,
            self::Trays, self::Blackout, self::Basket => new Stock(1000.0, 600.0),
            self::EggCrate => new Stock(1213.0, 603.0),
            self::Pads => new Stock(900.0, 300.0),
        };
    }

    /** Whether it is sawn, so that each cut takes its width; grid, pads and scored glass are not. */
    public function isSawn(): bool
    {
        return in_array($this, [self::Trays, self::Blackout, self::Basket], true);
    }
}
