<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/**
 * A unit the trade writes. The value of each case is the symbol shown on screen.
 *
 * Factors: NIST SP 811 appendix B (the US gallon is 231 cubic inches, the inch 25.4 mm, the imperial gallon 4.54609 L,
 * all exact).
 */
enum Unit: string
{
    case Millilitre = 'mL';
    case Litre = 'L';
    case CubicInch = 'in³';
    case CubicFoot = 'ft³';
    case UsGallon = 'US gal';
    case ImperialGallon = 'imp gal';
    case UsQuart = 'US qt';
    case UsCup = 'cup';
    case UsFluidOunce = 'US fl oz';
    case ImperialFluidOunce = 'imp fl oz';
    case Tablespoon = 'tbsp';
    case Teaspoon = 'tsp';
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';
    case Milligram = 'mg';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case LitrePerHour = 'L/h';
    case CubicMetrePerHour = 'm³/h';
    case UsGallonPerHour = 'US gal/h';
    case ImperialGallonPerHour = 'imp gal/h';
    case UsGallonPerMinute = 'US gal/min';
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case MilligramPerLitre = 'mg/L';
    case PartPerMillion = 'ppm';
    case MicrogramPerLitre = 'µg/L';
    case PartPerBillion = 'ppb';
    case MetrePerSecond = 'm/s';
    case FootPerSecond = 'ft/s';
    case Megapascal = 'MPa';
    case PoundPerSquareInch = 'psi';
    case Watt = 'W';
    case KilowattHour = 'kWh';
    case Hour = 'h';
    case Day = 'd';
    case Month = 'months';
    case VolumePerHour = 'volumes/h';
    case LitrePerKilogram = 'L/kg';
    case UsGallonPerPound = 'US gal/lb';
    case GramPerLitre = 'g/L';
    case OuncePerUsGallon = 'oz/US gal';
    case MillilitrePerLitre = 'mL/L';
    case FluidOuncePerUsGallon = 'US fl oz/US gal';
    case WattPerLitre = 'W/L';
    case WattPerUsGallon = 'W/US gal';
    case LitrePerHourPerLitre = 'L/h per L';
    case UsGallonPerHourPerUsGallon = 'US gal/h per US gal';
    case MilligramPerGram = 'mg/g';
    case PartPerThousand = 'parts per 1,000';
    case LitrePerMilligram = 'L/mg';
    case PerPartPerMillion = 'per ppm';
    case PerKilowattHour = 'per kWh';
    case PerLitre = 'per L';
    case PerUsGallon = 'per US gal';
    case WattPerCubicMetrePerHour = 'W per m³/h';
    case WattPerUsGallonPerHour = 'W per US gal/h';
    case Micrometre = 'µm';
    case Micron = 'micron';
    case Mil = 'mil';
    case DegreeOfHardness = 'dKH';
    case MilliequivalentPerLitre = 'meq/L';
    case CalciumCarbonate = 'ppm CaCO3';
    case Millivolt = 'mV';
    case SaltPart = 'ppt';
    case Percent = '%';
    case One = '';

    /** Words that mean one of two gallons. */
    public const GALLONS = ['gal', 'gals', 'gallon', 'gallons', 'gal/h', 'gph'];

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Millilitre,
            self::Litre,
            self::CubicInch,
            self::CubicFoot,
            self::UsGallon,
            self::ImperialGallon,
            self::UsQuart,
            self::UsCup,
            self::UsFluidOunce,
            self::ImperialFluidOunce,
            self::Tablespoon,
            self::Teaspoon => Dimension::Volume,
            self::Millimetre, self::Centimetre, self::Metre, self::Inch, self::Foot => Dimension::Length,
            self::Milligram, self::Gram, self::Kilogram, self::Ounce, self::Pound => Dimension::Mass,
            self::LitrePerHour,
            self::CubicMetrePerHour,
            self::UsGallonPerHour,
            self::ImperialGallonPerHour,
            self::UsGallonPerMinute => Dimension::Flow,
            self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::MilligramPerLitre,
            self::PartPerMillion,
            self::MicrogramPerLitre,
            self::PartPerBillion => Dimension::Concentration,
            self::MetrePerSecond, self::FootPerSecond => Dimension::Speed,
            self::Megapascal, self::PoundPerSquareInch => Dimension::Stress,
            self::Watt => Dimension::Power,
            self::KilowattHour => Dimension::Energy,
            self::Hour => Dimension::Hours,
            self::Day => Dimension::Days,
            self::Month => Dimension::Months,
            self::VolumePerHour => Dimension::Turnover,
            self::LitrePerKilogram, self::UsGallonPerPound => Dimension::Displacement,
            self::GramPerLitre, self::OuncePerUsGallon => Dimension::MassDose,
            self::MillilitrePerLitre, self::FluidOuncePerUsGallon => Dimension::VolumeDose,
            self::WattPerLitre, self::WattPerUsGallon => Dimension::PowerDose,
            self::LitrePerHourPerLitre, self::UsGallonPerHourPerUsGallon => Dimension::AirDose,
            self::MilligramPerGram, self::PartPerThousand => Dimension::Capacity,
            self::LitrePerMilligram, self::PerPartPerMillion => Dimension::Affinity,
            self::PerKilowattHour => Dimension::EnergyPrice,
            self::PerLitre, self::PerUsGallon => Dimension::VolumePrice,
            self::WattPerCubicMetrePerHour, self::WattPerUsGallonPerHour => Dimension::PumpPower,
            self::Micrometre, self::Micron => Dimension::Micron,
            self::Mil => Dimension::Roughness,
            self::DegreeOfHardness, self::MilliequivalentPerLitre, self::CalciumCarbonate => Dimension::Alkalinity,
            self::Millivolt => Dimension::Potential,
            self::SaltPart => Dimension::Salinity,
            self::Percent => Dimension::Share,
            self::One => Dimension::Plain,
        };
    }

    /** Base units in one of this unit; the base units are those of {@see Dimension::baseUnit()}. */
    public function factor(): float
    {
        return match ($this) {
            self::Millilitre, self::Milligram, self::MicrogramPerLitre, self::PartPerBillion => 0.001,
            self::CubicInch => 0.016387064,
            self::CubicFoot => 28.316846592,
            self::UsGallon, self::UsGallonPerHour => 3.785411784,
            self::ImperialGallon, self::ImperialGallonPerHour => 4.54609,
            self::UsQuart => 0.946352946,
            self::UsCup => 0.2365882365,
            self::UsFluidOunce => 0.0295735295625,
            self::ImperialFluidOunce => 0.0284130625,
            self::Tablespoon => 0.01478676478125,
            self::Teaspoon => 0.00492892159375,
            self::Centimetre => 10.0,
            self::Metre, self::Kilogram, self::CubicMetrePerHour => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
            self::Ounce => 28.349523125,
            self::Pound => 453.59237,
            self::UsGallonPerMinute => 227.12470704,
            self::Fahrenheit => 5 / 9,
            self::FootPerSecond => 0.3048,
            self::PoundPerSquareInch => 0.006894757293168,
            self::UsGallonPerPound => 3.785411784 / 0.45359237,
            self::OuncePerUsGallon => 28.349523125 / 3.785411784,
            // A US gallon is 128 US fluid ounces.
            self::FluidOuncePerUsGallon => 1000 / 128,
            self::WattPerUsGallon, self::PerUsGallon => 1 / 3.785411784,
            self::WattPerUsGallonPerHour => 1000 / 3.785411784,
            self::Mil => 0.0254,
            // A degree is 10 mg/L of CaO (56.077 g/mol, two equivalents); calcium carbonate has 100.086 g/mol.
            self::MilliequivalentPerLitre => 56.077 / 20,
            self::CalciumCarbonate => 56.077 / (10 * 100.086),
            self::Percent => 0.01,
            default => 1.0,
        };
    }

    /** What is taken from a figure in this unit before the factor applies; only Fahrenheit has one. */
    public function offset(): float
    {
        return $this === self::Fahrenheit ? 32.0 : 0.0;
    }

    /**
     * The unit that a keeper's word means, or null for an unknown word.
     *
     * @param  ?Unit  $gallon  what a bare "gal" means here; null where it must be spelled out
     *
     * @throws InvalidQuantity when the word is a gallon that could be US or imperial
     */
    public static function fromWord(string $word, ?Unit $gallon = null): ?self
    {
        $key = self::key($word);
        if (in_array($key, self::GALLONS, true)) {
            if ($gallon === null) {
                throw InvalidQuantity::ambiguousGallon($word);
            }
            $perHour = $key === 'gal/h' || $key === 'gph';

            return match ($gallon) {
                self::ImperialGallon => $perHour ? self::ImperialGallonPerHour : self::ImperialGallon,
                default => $perHour ? self::UsGallonPerHour : self::UsGallon,
            };
        }

        return match ($key) {
            'ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters' => self::Millilitre,
            'l', 'lt', 'ltr', 'litre', 'litres', 'liter', 'liters' => self::Litre,
            'in3', 'cuin' => self::CubicInch,
            'ft3', 'cuft' => self::CubicFoot,
            'usgal', 'usgals', 'usgallon', 'usgallons' => self::UsGallon,
            'impgal',
            'impgals',
            'imperialgal',
            'imperialgallon',
            'imperialgallons',
            'ukgal',
            'ukgallon',
            'ukgallons' => self::ImperialGallon,
            'usqt', 'usquart', 'usquarts' => self::UsQuart,
            'cup', 'cups', 'uscup', 'uscups' => self::UsCup,
            'usfloz' => self::UsFluidOunce,
            'impfloz', 'ukfloz' => self::ImperialFluidOunce,
            'tbsp', 'tablespoon', 'tablespoons' => self::Tablespoon,
            'tsp', 'teaspoon', 'teaspoons' => self::Teaspoon,
            'mm' => self::Millimetre,
            'cm' => self::Centimetre,
            'm', 'metre', 'metres', 'meter', 'meters' => self::Metre,
            'in', 'inch', 'inches', '"', '”', '″' => self::Inch,
            'ft', 'foot', 'feet' => self::Foot,
            'mg' => self::Milligram,
            'g', 'gr', 'gram', 'grams' => self::Gram,
            'kg', 'kilo', 'kilos' => self::Kilogram,
            'oz', 'ounce', 'ounces' => self::Ounce,
            'lb', 'lbs', 'pound', 'pounds' => self::Pound,
            'l/h', 'lph', 'l/hr' => self::LitrePerHour,
            'm3/h' => self::CubicMetrePerHour,
            'usgal/h', 'usgph' => self::UsGallonPerHour,
            'impgal/h', 'impgph', 'ukgal/h' => self::ImperialGallonPerHour,
            'usgal/min', 'usgpm' => self::UsGallonPerMinute,
            'c', 'celsius' => self::Celsius,
            'f', 'fahrenheit' => self::Fahrenheit,
            'dkh', 'kh', '°dkh', 'degkh', 'dh' => self::DegreeOfHardness,
            'meq/l', 'meq', 'mmol/l' => self::MilliequivalentPerLitre,
            'ppmcaco3', 'mg/lcaco3', 'caco3' => self::CalciumCarbonate,
            'mv' => self::Millivolt,
            'ppt', 'psu', '‰', 'g/kg' => self::SaltPart,
            'mg/l', 'mgl', 'mg/litre', 'mg/liter' => self::MilligramPerLitre,
            'ppm' => self::PartPerMillion,
            'ug/l', 'mcg/l' => self::MicrogramPerLitre,
            'ppb' => self::PartPerBillion,
            default => null,
        };
    }

    /** The unit that is shown this way, so that every figure on screen can be typed as it stands. */
    public static function shownAs(string $word): ?self
    {
        $key = self::key($word);
        foreach (self::cases() as $unit) {
            if ($key !== '' && self::key($unit->value) === $key) {
                return $unit;
            }
        }

        return null;
    }

    private static function key(string $word): string
    {
        return str_replace(['.', ' ', 'μ', 'µ', '³', '°'], ['', '', 'u', 'u', '3', ''], mb_strtolower(trim($word)));
    }
}
