<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Quantity\Decimal;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\FigureReader;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\UnitSystem;

/** Reads the tank as typed, field by field, in the keeper's units or any unit written out. */
final class TypedTank
{
    /** Field => dimension, least, most (base units), what it is called. */
    private const FIELDS = [
        'length' => [Dimension::Length, 50.0, 10_000.0, 'The inner length'],
        'width' => [Dimension::Length, 50.0, 10_000.0, 'The inner width'],
        'height' => [Dimension::Length, 50.0, 3_000.0, 'The inner height'],
        'belowRim' => [Dimension::Length, 0.0, 1_000.0, 'The gap below the rim'],
        'volume' => [Dimension::Volume, 1.0, 50_000.0, 'The volume'],
        'sump' => [Dimension::Volume, 0.0, 50_000.0, 'The sump water'],
        'plumbing' => [Dimension::Volume, 0.0, 5_000.0, 'The water in plumbing and vessels'],
        'sand' => [Dimension::Mass, 0.0, 20_000_000.0, 'The sand'],
        'rock' => [Dimension::Mass, 0.0, 20_000_000.0, 'The rock'],
        'flow' => [Dimension::Flow, 1.0, 500_000.0, 'The flow through the filter'],
        'temperature' => [Dimension::Temperature, 5.0, 40.0, 'The temperature'],
    ];

    private readonly FigureReader $figures;

    /** @param  array<string, string>  $typed */
    private function __construct(private readonly array $typed, private readonly UnitSystem $units)
    {
        $this->figures = new FigureReader($units);
    }

    /**
     * @param  array<string, string>  $typed  shape (box, cylinder, volume), length, width, height, belowRim, volume,
     *   sump, plumbing,
     *                                        sand, rock, salinity, temperature, flow, school
     *
     * @throws InvalidTank with a sentence for every field that cannot be read or is out of bounds
     */
    public static function read(array $typed, UnitSystem $units): Tank
    {
        return (new self($typed, $units))->tank();
    }

    private function tank(): Tank
    {
        $display = match ($this->text('shape')) {
            'cylinder' => Display::cylinder(
                $this->required('length'),
                $this->required('height'),
                $this->optional('belowRim') ?? 0.0,
            ),
            'volume' => Display::volume($this->required('volume')),
            default => Display::box(
                $this->required('length'),
                $this->required('width'),
                $this->required('height'),
                $this->optional('belowRim') ?? 0.0,
            ),
        };
        $celsius = $this->optional('temperature') ?? 25.0;
        $tank = new Tank(
            $display,
            $this->optional('sump') ?? 0.0,
            $this->optional('plumbing') ?? 0.0,
            ($this->optional('sand') ?? 0.0) / 1000,
            ($this->optional('rock') ?? 0.0) / 1000,
            $this->salinity($celsius),
            $celsius,
            $this->optional('flow'),
            TurnoverSchool::tryFrom($this->text('school')) ?? TurnoverSchool::Moderate,
        );
        if (
            $this->figures->problems() === []
            && $display->heightMm !== null
            && $display->belowRimMm >= $display->heightMm
        ) {
            $this->figures->note('belowRim', 'The gap below the rim is as high as the tank: no water would be left.');
        }
        if ($this->figures->problems() === []) {
            $this->refuseMoreStoneThanWater($tank);
        }

        return $this->figures->problems() === [] ? $tank : throw InvalidTank::fields($this->figures->problems());
    }

    private function refuseMoreStoneThanWater(Tank $tank): void
    {
        $filled = $tank->display->grossLitres() - $tank->display->unfilledLitres();
        $left = $tank->workingVolume()->displayLitres;
        if ($left <= 0.0) {
            $this->figures->note($tank->rockKg >= $tank->sandKg ? 'rock' : 'sand', sprintf(
                'Rock and sand would displace %s, more than the %s the display holds. Check their mass.',
                $this->units->format($filled - $left, Dimension::Volume),
                $this->units->format($filled, Dimension::Volume),
            ));
        }
    }

    private function text(string $field): string
    {
        return trim($this->typed[$field] ?? '');
    }

    private function required(string $field): float
    {
        if ($this->text($field) === '') {
            $this->figures->note($field, self::FIELDS[$field][3].' is needed.');
        }

        return $this->optional($field) ?? 1.0;
    }

    private function optional(string $field): ?float
    {
        [$dimension, $least, $most, $name] = self::FIELDS[$field];

        return $this->figures->read($this->text($field), $field, $name, $dimension, $least, $most);
    }

    private function salinity(float $celsius): float
    {
        if ($this->text('salinity') === '') {
            return 35.0;
        }
        try {
            $salinity = Decimal::parse($this->text('salinity'))->value;
        } catch (InvalidQuantity $invalid) {
            $this->figures->note('salinity', $invalid->getMessage());

            return 35.0;
        }
        // No reef has a salinity of one, and no water of a tank a specific gravity outside these.
        if ($salinity >= 1.0 && $salinity <= 1.034) {
            return round(Seawater::salinityAt($salinity, $celsius), 1);
        }
        if ($salinity < 0 || $salinity > 45 || ($salinity > 0.9 && $salinity < 1.1)) {
            $this->figures->note(
                'salinity',
                'Salinity must be between 0 and 45; a reef is near 35. A specific gravity is read too, from 1 to '
                    .'1.034; a reef is near 1.026.',
            );
        }

        return $salinity;
    }
}
