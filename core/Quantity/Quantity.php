<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** An amount of something measured, held in the base unit of its dimension. */
final readonly class Quantity
{
    private function __construct(
        public float $base,
        public Dimension $dimension,
    ) {
    }

    public static function of(float $amount, Unit $unit): self
    {
        return new self(($amount - $unit->offset()) * $unit->factor(), $unit->dimension());
    }

    /**
     * Reads "12 US gal", "1/2 in" or a bare "40", which takes the unit given.
     *
     * @param  Unit  $bare  the unit of a bare number; its dimension is the one wanted
     * @param  ?Unit  $gallon  what a bare "gal" means here; null where it must be spelled out
     *
     * @throws InvalidQuantity when the text is not a number with a unit of the wanted dimension
     */
    public static function parse(string $text, Unit $bare, ?Unit $gallon = null): self
    {
        if (preg_match('~^\s*([+-]?[\d.,]+(?:[ -]\d+/\d+|/\d+)?)\s*(.*?)\s*$~u', $text, $match) !== 1) {
            throw InvalidQuantity::notANumber(mb_strimwidth(trim($text), 0, 40, '…'));
        }
        $number = Decimal::parse($match[1]);
        if ($match[2] === '') {
            return self::of($number->value, $bare);
        }
        $unit
            = Unit::fromWord($match[2], $gallon)
            ?? throw InvalidQuantity::unknownUnit(mb_strimwidth($match[2], 0, 40, '…'));
        if ($unit->dimension() !== $bare->dimension()) {
            throw InvalidQuantity::wrongDimension($unit, $bare->dimension());
        }

        return self::of($number->value, $unit);
    }

    /** The amount in another unit of the same dimension. */
    public function in(Unit $unit): float
    {
        if ($unit->dimension() !== $this->dimension) {
            throw InvalidQuantity::wrongDimension($unit, $this->dimension);
        }

        return $this->base / $unit->factor() + $unit->offset();
    }
}
