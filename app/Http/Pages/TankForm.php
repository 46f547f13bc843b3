<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Document\Writer;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;

/** A tank turned back into the text of its form, in the keeper's units. */
final class TankForm
{
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
