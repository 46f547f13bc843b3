<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Tank;

/** Reads the room around a tank, as it is stored or as its keeper types it; the form has short names of its own. */
final class RoomDocument
{
    /**
     * @param  array<string, string>  $typed  by {@see RoomDocument::fields()}, and noise, spill, skill, drilled (yes or
     *   no), look (clean or any)
     *
     * @throws Refused with a sentence for every field that cannot be read
     */
    public static function typed(array $typed, Tank $tank, UnitSystem $units): Room
    {
        $from = Reader::typed($typed, $units);

        return self::room($from, $tank, $from->text('look') === 'clean', $from->text('drilled') === 'yes');
    }

    /**
     * What is missing keeps its default; the tank is described elsewhere.
     *
     * @param  array<mixed>  $stored  as {@see Room::toArray()} made it
     *
     * @throws Refused
     */
    public static function stored(array $stored, Tank $tank): Room
    {
        $from = Reader::plain($stored);

        return self::room($from, $tank, $from->flag('cleanLook'), $from->flag('drilled'));
    }

    /** @return array<string, Field> by their name in the form */
    public static function fields(): array
    {
        $length = static fn (string $key, string $name): Field => Field::of(
            $key,
            $name,
            Dimension::Length,
            100.0,
            5_000.0,
        );

        return [
            'cabinetLength' => $length('cabinetLengthMm', 'The length of the cabinet'),
            'cabinetWidth' => $length('cabinetWidthMm', 'The depth of the cabinet'),
            'cabinetHeight' => $length('cabinetHeightMm', 'The height of the cabinet'),
            'budget' => Field::of('budget', 'The budget', null, 1.0, 1_000_000.0),
            'powerPrice' => Field::of('pricePerKilowattHour', 'The price of a kWh', null, 0.0, 1_000.0),
        ];
    }

    private static function room(Reader $from, Tank $tank, bool $cleanLook, bool $drilled): Room
    {
        $figure = static function (string $name) use ($from): ?float {
            $field = self::fields()[$name];

            return $from->figure($from->isTyped() ? $field->called($name) : $field);
        };
        $room = new Room(
            $tank->workingVolume()->displayLitres,
            $tank->display->lengthMm,
            new Cabinet($figure('cabinetLength'), $figure('cabinetWidth'), $figure('cabinetHeight')),
            $figure('budget'),
            new Taste(
                $from->optionalWord('noise', Tolerance::class, 'word for noise') ?? Tolerance::Some,
                $from->optionalWord('spill', Tolerance::class, 'word for spills') ?? Tolerance::Some,
                $from->optionalWord('skill', Skill::class, 'word for skill') ?? Skill::Some,
                $cleanLook,
            ),
            $figure('powerPrice'),
            $drilled,
            $tank->assumptions,
        );
        $from->close();

        return $room;
    }
}
