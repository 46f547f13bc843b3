<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** The one switch: which unit each kind of figure is shown in and which a bare number means. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';

    /** @param  bool  $base  the unit the core computes in, which for a few is not the one keepers read */
    public function unitOf(Dimension $dimension, bool $base = false): Unit
    {
        $metric = $this === self::Metric;

        return match ($dimension) {
            Dimension::Volume => $metric ? Unit::Litre : Unit::UsGallon,
            Dimension::Dose => $metric ? ($base ? Unit::Litre : Unit::Millilitre) : Unit::UsFluidOunce,
            Dimension::Length => $metric ? ($base ? Unit::Millimetre : Unit::Centimetre) : Unit::Inch,
            Dimension::Workshop => $metric ? Unit::Millimetre : Unit::Inch,
            Dimension::Mass => $metric ? ($base ? Unit::Gram : Unit::Kilogram) : Unit::Pound,
            Dimension::SmallMass => $metric ? Unit::Gram : Unit::Ounce,
            Dimension::Flow => $metric ? Unit::LitrePerHour : Unit::UsGallonPerHour,
            Dimension::Temperature => $metric ? Unit::Celsius : Unit::Fahrenheit,
            Dimension::Concentration => $base ? Unit::MilligramPerLitre : Unit::PartPerMillion,
            Dimension::Head => $metric ? ($base ? Unit::Millimetre : Unit::Metre) : Unit::Foot,
            Dimension::Speed => $metric ? Unit::MetrePerSecond : Unit::FootPerSecond,
            Dimension::Stress => $metric ? Unit::Megapascal : Unit::PoundPerSquareInch,
            Dimension::Power => Unit::Watt,
            Dimension::Energy => Unit::KilowattHour,
            Dimension::Hours => Unit::Hour,
            Dimension::Days => Unit::Day,
            Dimension::Months => Unit::Month,
            Dimension::Turnover => Unit::VolumePerHour,
            Dimension::Displacement => $metric ? Unit::LitrePerKilogram : Unit::UsGallonPerPound,
            Dimension::MassDose => $metric ? Unit::GramPerLitre : Unit::OuncePerUsGallon,
            Dimension::VolumeDose => $metric ? Unit::MillilitrePerLitre : Unit::FluidOuncePerUsGallon,
            Dimension::PowerDose => $metric ? Unit::WattPerLitre : Unit::WattPerUsGallon,
            Dimension::AirDose => $metric ? Unit::LitrePerHourPerLitre : Unit::UsGallonPerHourPerUsGallon,
            Dimension::Capacity => $metric ? Unit::MilligramPerGram : Unit::PartPerThousand,
            Dimension::Affinity => $metric ? Unit::LitrePerMilligram : Unit::PerPartPerMillion,
            Dimension::EnergyPrice => Unit::PerKilowattHour,
            Dimension::VolumePrice => $metric ? Unit::PerLitre : Unit::PerUsGallon,
            Dimension::PumpPower => $metric ? Unit::WattPerCubicMetrePerHour : Unit::WattPerUsGallonPerHour,
            Dimension::Micron => $metric ? Unit::Micrometre : Unit::Micron,
            Dimension::Roughness => $metric ? Unit::Millimetre : Unit::Mil,
            Dimension::Alkalinity => Unit::DegreeOfHardness,
            Dimension::Potential => Unit::Millivolt,
            Dimension::Salinity => Unit::SaltPart,
            Dimension::Share => $base ? Unit::One : Unit::Percent,
            Dimension::Plain => Unit::One,
        };
    }

    /** What a bare "gal" means: spelled out where litres are the habit, the US gallon where US units are chosen. */
    public function gallon(): ?Unit
    {
        return $this === self::Us ? Unit::UsGallon : null;
    }

    /** A figure in base units as this system writes it, rounded to what is worth reading, with its unit. */
    public function format(
        float $base,
        Dimension $dimension,
        ?int $decimals = null,
        bool $keepsNoughts = false,
    ): string {
        if ($dimension === Dimension::Workshop) {
            return ShopLength::format($base, $this);
        }
        $unit = $this->unitFor($base, $dimension);
        $shown = $base / $unit->factor() + $unit->offset();
        $decimals ??= self::decimals($dimension) ?? match (true) {
            abs($shown) >= 100 => 0,
            abs($shown) >= 10 => 1,
            abs($shown) >= 1 => 2,
            default => self::smallDecimals($dimension) + (abs($shown) < 0.01 ? 1 : 0),
        };
        $text = number_format($shown, $decimals, '.', ',');
        $text = ! $keepsNoughts && str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
        $text = $text === '-0' ? '0' : str_replace('-', '−', $text);

        return trim($text.($unit === Unit::Percent ? ' %' : ' '.$unit->value));
    }

    /** The unit of small amounts of what is measured. */
    public function smallUnitOf(Dimension $dimension): Unit
    {
        return $dimension === Dimension::Mass ? $this->unitOf(Dimension::SmallMass) : $this->unitOf($dimension);
    }

    /** Grams and ounces where kilograms and pounds would need decimals. */
    private function unitFor(float $base, Dimension $dimension): Unit
    {
        $unit = $this->unitOf($dimension);

        return $dimension !== Dimension::Mass || abs($base) >= $unit->factor()
            ? $unit
            : $this->smallUnitOf($dimension);
    }

    /** Decimals of a figure under one; under a hundredth it has one more. */
    private static function smallDecimals(Dimension $dimension): int
    {
        return match ($dimension) {
            Dimension::Volume, Dimension::Length, Dimension::Mass => 2,
            default => 3,
        };
    }

    /** Decimals that a dimension always has; null where they follow the size of the figure. */
    private static function decimals(Dimension $dimension): ?int
    {
        return match ($dimension) {
            Dimension::Flow => 0,
            Dimension::Energy => 0,
            Dimension::Roughness => 4,
            default => null,
        };
    }

    /**
     * The display factors a drawing needs: shown = base / factor + offset.
     *
     * @return array<string, array{unit: string, factor: float, offset: float, decimals: ?int, smallDecimals: int}>
     */
    public function toArray(): array
    {
        $units = [];
        $drawn = [
            Dimension::Volume,
            Dimension::Length,
            Dimension::Mass,
            Dimension::SmallMass,
            Dimension::Flow,
            Dimension::Temperature,
            Dimension::Concentration,
            Dimension::Head,
            Dimension::Speed,
        ];
        foreach ($drawn as $dimension) {
            $unit = $this->unitOf($dimension);
            $units[$dimension->value] = [
                'unit' => $unit->value,
                'factor' => $unit->factor(),
                'offset' => $unit->offset(),
                'decimals' => self::decimals($dimension),
                'smallDecimals' => self::smallDecimals($dimension),
            ];
        }

        return $units;
    }
}
