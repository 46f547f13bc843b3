<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Seawater;

/** What the figures of a parameter are written in, with the basis they may carry: "ppm", "mg/L NO3-N", "SG". */
final readonly class ParameterUnit
{
    /** The temperature that hydrometers and refractometers are mostly made for, °C; common practice. */
    private const GRAVITY_AT = 25.0;

    /**
     * @param  ?Unit  $unit  null for a specific gravity, which is salt by a curve
     * @param  ?string  $moles  "mmol/L" or "µmol/L" where amounts of substance are given; the unit is then mg/L
     * @param  float  $each  mg/L in one of those
     */
    private function __construct(
        public ?Unit $unit,
        public ?Basis $basis,
        public ?string $moles = null,
        private float $each = 1.0,
    ) {
    }

    /** @throws InvalidQuantity when the text is no unit that this parameter is given in */
    public static function parse(string $text, Parameter $of): self
    {
        $plain = trim((string) preg_replace('~[\s()\[\]]+~u', ' ', $text));
        if ($of === Parameter::Salinity && preg_match('~^(?:sg|specific gravity)$~i', $plain) === 1) {
            return new self(null, null);
        }
        if (preg_match('~^([mµμu])mol/l$~iu', $plain, $moles) === 1 && $of->molarMass() !== null) {
            $isMilli = mb_strtolower($moles[1]) === 'm';

            return new self(
                Unit::MilligramPerLitre,
                null,
                $isMilli ? 'mmol/L' : 'µmol/L',
                $of->molarMass() * ($isMilli ? 1.0 : 0.001),
            );
        }
        $words = explode(' ', $plain);
        $unit = null;
        // The longest run of words that is a unit: "ppm CaCO3" is one.
        for ($taken = min(2, count($words)); $taken > 0 && $unit === null; $taken--) {
            $unit = Unit::fromWord(implode(' ', array_slice($words, 0, $taken)));
            $species = implode('', array_slice($words, $taken));
        }
        if ($unit === null) {
            throw InvalidQuantity::unknownUnit($text);
        }
        $unit = self::of($unit, $of)->unit ?? $unit;
        if ($unit->dimension() !== $of->dimension()) {
            throw InvalidQuantity::wrongDimension($unit, $of->dimension());
        }
        $species = (string) preg_replace('~^as~i', '', $species);
        $basis = match (true) {
            $species === '', $unit === Unit::CalciumCarbonate => null,
            in_array(mb_strtolower($species), ['n', 'p'], true) => Basis::Element,
            default => Parameter::fromWord($species)[1] ?? throw InvalidQuantity::unknownUnit($text),
        };

        return new self($unit, $basis);
    }

    public static function element(): self
    {
        return new self(Unit::PartPerMillion, Basis::Element);
    }

    /** A unit as a parameter has it. */
    public static function of(Unit $unit, Parameter $of): self
    {
        // Hardness sold as ppm is ppm of calcium carbonate.
        return new self(
            $of === Parameter::Alkalinity && $unit->dimension() === Dimension::Concentration
                ? Unit::CalciumCarbonate
                : $unit,
            null,
        );
    }

    public function withBasis(?Basis $basis): self
    {
        // A mole of nitrogen is a mole of nitrate.
        return new self($this->unit, $this->moles === null ? $basis : null, $this->moles, $this->each);
    }

    /** What a figure without a unit is written in: the keeper's unit, or the other one where only that can be. */
    public static function bare(Parameter $of, float $figure, UnitSystem $units): self
    {
        return new self(match (true) {
            $of === Parameter::Salinity && $figure > 0.95 && $figure < 1.1 => null,
            $of === Parameter::Temperature && $figure > 45.0 => Unit::Fahrenheit,
            $of === Parameter::Temperature && $figure < 35.0 => Unit::Celsius,
            $of === Parameter::Alkalinity && $figure > 45.0 => Unit::CalciumCarbonate,
            default => $units->unitOf($of->dimension()),
        }, null);
    }

    /** A figure in the base unit of its dimension, in the basis it was written in. */
    public function base(float $figure): float
    {
        return $this->unit === null
            ? Seawater::salinityAt($figure, self::GRAVITY_AT)
            : Quantity::of($this->each * $figure, $this->unit)->base;
    }

    /** A difference of figures in the base unit. */
    public function difference(float $step): float
    {
        // Salinity rises by about 1,320 for one of gravity, nearly straight.
        return $this->unit === null ? 1320.0 * $step : $this->each * $step * $this->unit->factor();
    }
}
