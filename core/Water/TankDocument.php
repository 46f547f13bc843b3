<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** Reads the description of a tank, as it is stored or as its keeper types it; the form has short names of its own. */
final readonly class TankDocument
{
    public const SALINITY = 35.0;

    private const CELSIUS = 25.0;

    private function __construct(private Reader $from)
    {
    }

    /**
     * @param  array<string, string>  $typed  by {@see TankDocument::fields()}, and shape (box, cylinder, volume),
     *   salinity, school
     *
     * @throws Refused with a sentence for every field that cannot be read or is out of bounds
     */
    public static function typed(array $typed, UnitSystem $units): Tank
    {
        $from = Reader::typed($typed, $units);
        $tank = (new self($from))->tank();
        self::refuseWithoutWater($tank, $from, new Words($units));
        $from->close();

        return $tank;
    }

    /**
     * @param  array<mixed>  $document  as {@see Tank::toArray()} made it
     *
     * @throws Refused when it is of another schema, or a figure is missing or out of bounds
     */
    public static function stored(array $document): Tank
    {
        if (($document['schema'] ?? null) !== Tank::SCHEMA) {
            throw Refused::whole('tank', 'This tank description is of a kind this version does not know.');
        }
        $from = Reader::plain($document);
        $tank = (new self($from))->tank();
        $from->close();

        return $tank;
    }

    /** @return array<string, Field> by their name in the form */
    public static function fields(): array
    {
        $length = static fn (string $key, string $name, float $least, float $most): Field => Field::of(
            $key,
            $name,
            Dimension::Length,
            $least,
            $most,
        );
        $litres = static fn (string $key, string $name, float $least, float $most): Field => Field::of(
            $key,
            $name,
            Dimension::Volume,
            $least,
            $most,
        );
        $mass = static fn (string $key, string $name): Field => Field::of(
            $key,
            $name,
            Dimension::Mass,
            0.0,
            20_000_000.0,
            Unit::Kilogram,
        );

        return [
            'length' => $length('lengthMm', 'The inner length', 50.0, 10_000.0),
            'width' => $length('widthMm', 'The inner width', 50.0, 10_000.0),
            'height' => $length('heightMm', 'The inner height', 50.0, 3_000.0),
            'belowRim' => $length('belowRimMm', 'The gap below the rim', 0.0, 1_000.0),
            'volume' => $litres('litres', 'The volume', 1.0, 50_000.0),
            'sump' => $litres('sumpLitres', 'The sump water', 0.0, 50_000.0),
            'plumbing' => $litres('plumbingLitres', 'The water in plumbing and vessels', 0.0, 5_000.0),
            'sand' => $mass('sandKg', 'The sand'),
            'rock' => $mass('rockKg', 'The rock'),
            'flow' => Field::of(
                'filterLitresPerHour',
                'The flow through the filter',
                Dimension::Flow,
                1.0,
                500_000.0,
            ),
            'circulation' => Field::of(
                'circulationLitresPerHour',
                'The circulation in the display',
                Dimension::Flow,
                1.0,
                5_000_000.0,
            ),
            'temperature' => Field::of('celsius', 'The temperature', Dimension::Temperature, 5.0, 40.0),
        ];
    }

    private function tank(): Tank
    {
        $celsius = $this->figure('temperature') ?? self::CELSIUS;

        return new Tank(
            $this->display(),
            new BesideDisplay($this->figure('sump') ?? 0.0, $this->figure('plumbing') ?? 0.0),
            new Ground($this->figure('sand') ?? 0.0, $this->figure('rock') ?? 0.0),
            new Conditions($this->salinity($celsius), $celsius),
            $this->figure('flow'),
            $this->from->optionalWord('school', TurnoverSchool::class, 'school of turnover')
                ?? TurnoverSchool::Moderate,
            circulationLitresPerHour: $this->figure('circulation'),
        );
    }

    private function display(): Display
    {
        $from = $this->from->isTyped() ? $this->from : $this->from->group('display', 'display');
        $shape = $from->text('shape');

        return match ($shape) {
            'cylinder' => Display::cylinder(
                $this->needed('length', $from),
                $this->needed('height', $from),
                $this->figure('belowRim', $from) ?? 0.0,
            ),
            'volume' => Display::volume($this->needed('volume', $from)),
            default => $this->box($from, $shape),
        };
    }

    private function box(Reader $from, string $shape): Display
    {
        if ($shape !== 'box' && ($shape !== '' || ! $from->isTyped())) {
            $from->note("“{$shape}” is not a shape known here.", 'shape');
        }

        return Display::box(
            $this->needed('length', $from),
            $this->needed('width', $from),
            $this->needed('height', $from),
            $this->figure('belowRim', $from) ?? 0.0,
        );
    }

    private function figure(string $name, ?Reader $from = null): ?float
    {
        return ($from ?? $this->from)->figure($this->field($name));
    }

    private function needed(string $name, Reader $from): float
    {
        return $from->needed($this->field($name));
    }

    private function field(string $name): Field
    {
        $field = self::fields()[$name];

        return $this->from->isTyped() ? $field->called($name) : $field;
    }

    /** Practical salinity; a specific gravity is read too, since many instruments show it. */
    private function salinity(float $celsius): float
    {
        if (! $this->from->isTyped()) {
            return $this->from->needed(Field::of('salinity', 'The salinity', null, 0.0, 45.0));
        }
        $text = $this->from->text('salinity');
        if ($text === '') {
            return self::SALINITY;
        }
        try {
            $salinity = Decimal::parse($text)->value;
        } catch (InvalidQuantity $invalid) {
            $this->from->note($invalid->getMessage(), 'salinity');

            return self::SALINITY;
        }
        // No reef has a salinity of one, and no water of a tank a specific gravity outside these.
        if ($salinity >= 1.0 && $salinity <= 1.034) {
            return round(Seawater::salinityAt($salinity, $celsius), 1);
        }
        if ($salinity < 0 || $salinity > 45 || ($salinity > 0.9 && $salinity < 1.1)) {
            $this->from->note(
                'Salinity must be between 0 and 45; a reef is near 35. A specific gravity is read too, from 1 to '
                    .'1.034; a reef is near 1.026.',
                'salinity',
            );
        }

        return $salinity;
    }

    private static function refuseWithoutWater(Tank $tank, Reader $from, Words $words): void
    {
        $from->close();
        $display = $tank->display;
        if ($display->heightMm !== null && $display->belowRimMm >= $display->heightMm) {
            $from->note('The gap below the rim is as high as the tank: no water would be left.', 'belowRim');

            return;
        }
        $filled = $display->grossLitres() - $display->unfilledLitres();
        $left = $tank->workingVolume()->displayLitres;
        if ($left <= 0.0) {
            $from->note($words->say(Text::of(
                'Rock and sand would displace {displaced}, more than the {filled} the display holds. Check their mass.',
                displaced: Quantity::litres($filled - $left),
                filled: Quantity::litres($filled),
            )), $tank->ground->rockKg >= $tank->ground->sandKg ? 'rock' : 'sand');
        }
    }
}
