<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Tank;

/** A tank turned back into the text of its form, in the keeper's units. */
final class TankForm
{
    /** @return array<string, string> */
    public static function of(Tank $tank, UnitSystem $units): array
    {
        $text = static function (?float $base, Dimension $dimension) use ($units): string {
            $unit = $units->unitOf($dimension);

            return $base === null ? '' : self::plain($base / $unit->factor() + $unit->offset());
        };

        return [
            'shape' => $tank->display->shape,
            'length' => $text($tank->display->lengthMm, Dimension::Length),
            'width' => $text($tank->display->widthMm, Dimension::Length),
            'height' => $text($tank->display->heightMm, Dimension::Length),
            'belowRim' => $text($tank->display->belowRimMm, Dimension::Length),
            'volume' => $text($tank->display->litres, Dimension::Volume),
            'sump' => $text($tank->sumpLitres, Dimension::Volume),
            'plumbing' => $text($tank->plumbingLitres, Dimension::Volume),
            'sand' => $text($tank->sandKg * 1000, Dimension::Mass),
            'rock' => $text($tank->rockKg * 1000, Dimension::Mass),
            'salinity' => self::plain($tank->salinity),
            'temperature' => $text($tank->celsius, Dimension::Temperature),
            'flow' => $text($tank->filterLitresPerHour, Dimension::Flow),
            'school' => $tank->school->value,
        ];
    }

    /** At most four decimals, so that a figure typed in the other units comes back within a hair. */
    public static function plain(float $figure): string
    {
        $text = number_format($figure, 4, '.', '');

        return rtrim(rtrim($text, '0'), '.');
    }
}
