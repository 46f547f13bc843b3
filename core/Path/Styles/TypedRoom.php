<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumptions;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\FigureReader;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Tank;

/** Reads the room as typed, in the keeper's units or any unit written out. */
final class TypedRoom
{
    /**
     * @param  array<string, string>  $typed  cabinetLength, cabinetWidth, cabinetHeight, budget, powerPrice, noise,
     *   spill, skill, drilled (yes or no), look (clean or any)
     *
     * @throws InvalidRoom with a sentence for every field that cannot be read
     */
    public static function read(array $typed, Tank $tank, UnitSystem $units): Room
    {
        $reader = new FigureReader($units);
        $text = static fn (string $field): string => trim($typed[$field] ?? '');
        $length = static fn (string $field, string $name): ?float => $reader->read(
            $text($field),
            $field,
            $name,
            Dimension::Length,
            100.0,
            5_000.0,
        );
        $room = new Room(
            $tank->workingVolume()->displayLitres,
            $tank->display->lengthMm,
            $length('cabinetLength', 'The length of the cabinet'),
            $length('cabinetWidth', 'The depth of the cabinet'),
            $length('cabinetHeight', 'The height of the cabinet'),
            $reader->read($text('budget'), 'budget', 'The budget', null, 1.0, 1_000_000.0),
            Tolerance::tryFrom($text('noise')) ?? Tolerance::Some,
            Tolerance::tryFrom($text('spill')) ?? Tolerance::Some,
            Skill::tryFrom($text('skill')) ?? Skill::Some,
            $reader->read($text('powerPrice'), 'powerPrice', 'The price of a kWh', null, 0.0, 1_000.0)
                ?? Assumptions::powerPrice()->value,
            $text('drilled') === 'yes',
            $text('look') === 'clean',
        );

        return $reader->problems() === [] ? $room : throw InvalidRoom::fields($reader->problems());
    }
}
