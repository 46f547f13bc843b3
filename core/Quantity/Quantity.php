<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** An amount of something measured, held in the base unit of its dimension. */
final readonly class Quantity
{
    private function __construct(
        public float $base,
        public Dimension $dimension,
        /** Decimals it is read with; null for as many as its size asks for. */
        public ?int $decimals = null,
        /** Noughts at its end say how finely it was read, and stay. */
        public bool $keepsNoughts = false,
    ) {
    }

    public static function base(float $base, Dimension $dimension, ?int $decimals = null): self
    {
        return new self($base, $dimension, $decimals);
    }

    /** A figure with just the decimals that somebody wrote. */
    public static function written(float $base, Dimension $dimension, int $decimals): self
    {
        return new self($base, $dimension, $decimals, true);
    }

    public static function litres(float $litres): self
    {
        return new self($litres, Dimension::Volume);
    }

    public static function millilitres(float $millilitres, ?int $decimals = null): self
    {
        return new self($millilitres / 1000, Dimension::Dose, $decimals);
    }

    public static function perHour(float $litres): self
    {
        return new self($litres, Dimension::Flow);
    }

    public static function length(float $mm): self
    {
        return new self($mm, Dimension::Length);
    }

    /** A length as a workshop reads it. */
    public static function mm(float $mm): self
    {
        return new self($mm, Dimension::Workshop);
    }

    public static function grams(float $grams, ?int $decimals = null): self
    {
        return new self($grams, Dimension::Mass, $decimals);
    }

    public static function celsius(float $degrees, int $decimals = 0): self
    {
        return new self($degrees, Dimension::Temperature, $decimals);
    }

    public static function ppm(float $mgPerLitre, ?int $decimals = null): self
    {
        return new self($mgPerLitre, Dimension::Concentration, $decimals);
    }

    /** A figure rounded to so many significant digits: no claim is finer than its evidence. */
    public static function significant(float $figure, int $digits): float
    {
        return $figure === 0.0 ? 0.0 : round($figure, $digits - 1 - (int) floor(log10(abs($figure))));
    }

    /** A number without a unit. */
    public static function number(float $number, ?int $decimals = null): self
    {
        return new self($number, Dimension::Plain, $decimals);
    }

    /** Energy in a year, kWh, of what runs so many hours a day. */
    public static function kilowattHoursAYear(float $watts, float $hoursADay): float
    {
        return $watts * $hoursADay * 365.25 / 1000;
    }

    /** A share of one, read as a percentage. */
    public static function share(float $share, ?int $decimals = 0): self
    {
        return new self($share, Dimension::Share, $decimals);
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
            ?? Unit::shownAs($match[2])
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
