<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumptions;

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

    /** A stock sheet to begin with; none for glass, which is cut to size by who sells it. */
    public function usualStock(Assumptions $assumptions): ?Stock
    {
        return $this === self::Baffles
            ? null
            : new Stock(
                $assumptions->value("stock-{$this->value}-length"),
                $assumptions->value("stock-{$this->value}-width"),
            );
    }

    /** What it is usually cut of. */
    public function stuff(): string
    {
        return match ($this) {
            self::Baffles, self::Trays, self::Blackout, self::Basket => 'acrylic',
            self::EggCrate => 'grid',
            self::Pads => 'filter mat',
        };
    }

    /** What is done to its edges once it is cut. */
    public function edges(): string
    {
        return match ($this) {
            self::Baffles, self::Trays, self::Basket => 'glued edges straight, others rounded',
            self::Blackout => 'edges rounded',
            self::EggCrate => 'ends nipped off flush',
            self::Pads => '',
        };
    }
}
