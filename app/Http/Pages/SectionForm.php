<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\TypedSection;

/** A sump turned back into what its keeper types: its document, with every figure as text in the keeper's units. */
final class SectionForm
{
    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, UnitSystem $units): array
    {
        $document = $design->toArray();
        $typed = [];
        foreach (SumpDesign::FIGURES as $key) {
            $typed[$key] = self::text($key, $document[$key] ?? null, $units);
        }

        return [
            ...$typed,
            'toTheLeft' => $design->toTheLeft,
            'material' => $design->material->value,
            'braced' => $design->braced,
            'baffles' => array_map(static fn (array $baffle): array => self::texts($baffle, $units), $document['baffles']),
            'placed' => array_map(static fn (array $placed): array => self::texts($placed, $units), $document['placed']),
            'plumbing' => [
                ...self::texts(array_diff_key($document['plumbing'], ['fittings' => 0, 'drainFittings' => 0]), $units),
                'fittings' => (object) array_map(strval(...), $design->plumbing->fittings),
                'drainFittings' => (object) array_map(strval(...), $design->plumbing->drainFittings),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $part
     * @return array<string, mixed>
     */
    public static function texts(array $part, UnitSystem $units): array
    {
        $texts = [];
        foreach ($part as $key => $value) {
            $texts[$key] = is_float($value) ? self::text($key, $value, $units) : $value;
        }

        return $texts;
    }

    private static function text(string $key, mixed $base, UnitSystem $units): string
    {
        if (! is_float($base) && ! is_int($base)) {
            return '';
        }
        $factor = match (true) {
            str_ends_with($key, 'Mm') => TypedSection::lengthUnit($units)->factor(),
            str_ends_with($key, 'LitresPerHour') => $units->unitOf(Dimension::Flow)->factor(),
            str_contains($key, 'Litres') => $units->unitOf(Dimension::Volume)->factor(),
            default => 1.0,
        };

        return TankForm::plain($base / $factor);
    }
}
