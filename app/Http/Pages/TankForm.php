<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumptions;
use Ithys\Document\Field;
use Ithys\Document\Writer;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;
use Ithys\Water\TurnoverSchool;

/** A tank turned back into the text of its form, in the keeper's units. */
final class TankForm
{
    /** @return array<string, string> the form of a tank that is not described yet */
    public static function start(): array
    {
        return [
            'name' => '',
            'shape' => 'box',
            ...array_map(static fn (Field $field): string => '', TankDocument::fields()),
            'salinity' => Writer::plain(TankDocument::SALINITY),
            'school' => TurnoverSchool::Moderate->value,
        ];
    }

    /** @return list<array{string, string}> schools of turnover to choose from */
    public static function schools(Assumptions $assumptions, Words $words): array
    {
        return array_map(
            static fn (TurnoverSchool $school): array => [$school->value, $words->say($school->label($assumptions))],
            TurnoverSchool::cases(),
        );
    }

    /** @return array<string, string> */
    public static function of(Tank $tank, UnitSystem $units): array
    {
        $writer = new Writer($units);
        $figures = [
            'length' => $tank->display->lengthMm,
            'width' => $tank->display->widthMm,
            'height' => $tank->display->heightMm,
            'belowRim' => $tank->display->belowRimMm,
            'volume' => $tank->display->litres,
            'sump' => $tank->beside->sumpLitres,
            'plumbing' => $tank->beside->plumbingLitres,
            'sand' => $tank->ground->sandKg,
            'rock' => $tank->ground->rockKg,
            'temperature' => $tank->water->celsius,
            'flow' => $tank->filterLitresPerHour,
            'circulation' => $tank->circulationLitresPerHour,
        ];
        $texts = [];
        foreach (TankDocument::fields() as $name => $field) {
            $texts[$name] = $writer->text($figures[$name], $field);
        }

        return [
            'shape' => $tank->display->shape,
            ...$texts,
            'salinity' => Writer::plain($tank->water->salinity),
            'school' => $tank->school->value,
        ];
    }
}
