<?php

declare(strict_types=1);

namespace Ithys\Quantity;

use DomainException;

/** A figure or unit that cannot be read; the message is a sentence for the keeper. */
final class InvalidQuantity extends DomainException
{
    public static function ambiguousGallon(string $word): self
    {
        return new self(
            "“{$word}” can be a US gallon (3.785 L) or an imperial one (4.546 L). Write “US gal” or “imp gal”.",
        );
    }

    public static function notANumber(string $text): self
    {
        return new self("“{$text}” is not a number. Write digits such as 12, 12.5 or 1/2.");
    }

    public static function ambiguousComma(string $text): self
    {
        $point = str_replace(',', '.', $text);
        $whole = str_replace(',', '', $text);

        return new self("“{$text}” can be {$point} or {$whole}. Write one of them.");
    }

    public static function unknownUnit(string $word): self
    {
        return new self("“{$word}” is not a unit known here.");
    }

    public static function wrongDimension(Unit $unit, Dimension $wanted): self
    {
        return new self(
            "“{$unit->value}” measures {$unit->dimension()->value}, but a {$wanted->value} is wanted here, for "
                ."example in {$wanted->baseUnit()->value}.",
        );
    }
}
