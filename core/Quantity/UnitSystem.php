<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** The one switch: which unit each kind of figure is shown in and which a bare number means. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';

    public function unitOf(Dimension $dimension): Unit
    {
        $metric = $this === self::Metric;

        return match ($dimension) {
            Dimension::Volume => $metric ? Unit::Litre : Unit::UsGallon,
            Dimension::Length => $metric ? Unit::Centimetre : Unit::Inch,
            Dimension::Mass => $metric ? Unit::Kilogram : Unit::Pound,
            Dimension::Flow => $metric ? Unit::LitrePerHour : Unit::UsGallonPerHour,
            Dimension::Temperature => $metric ? Unit::Celsius : Unit::Fahrenheit,
            Dimension::Concentration => Unit::PartPerMillion,
        };
    }

    /** What a bare "gal" means: spelled out where litres are the habit, the US gallon where US units are chosen. */
    public function gallon(): ?Unit
    {
        return $this === self::Us ? Unit::UsGallon : null;
    }

    /** A figure in base units as this system writes it, rounded to what is worth reading, with its unit. */
    public function format(float $base, Dimension $dimension, ?int $decimals = null): string
    {
        $unit = $this->unitOf($dimension);
        $shown = $base / $unit->factor() + $unit->offset();
        $decimals ??= match (true) {
            abs($shown) >= 100 => 0,
            abs($shown) >= 10 => 1,
            default => 2,
        };
        $text = number_format($shown, $decimals, '.', ',');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return ($text === '-0' ? '0' : $text).' '.$unit->value;
    }

    /**
     * The display factors a drawing needs: shown = base / factor + offset.
     *
     * @return array<string, array{unit: string, factor: float, offset: float}>
     */
    public function toArray(): array
    {
        $units = [];
        foreach (Dimension::cases() as $dimension) {
            $unit = $this->unitOf($dimension);
            $units[$dimension->value] = [
                'unit' => $unit->value,
                'factor' => $unit->factor(),
                'offset' => $unit->offset(),
            ];
        }

        return $units;
    }
}
