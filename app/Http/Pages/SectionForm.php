<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Fields;
use Ithys\Sump\SumpDesign;

/** A sump turned back into what its keeper types: its document, with every figure as text in the keeper's units. */
final class SectionForm
{
    /** Maps that are sent as objects even when nothing is in them. */
    private const MAPS = ['fittings', 'drainFittings', 'emergencyFittings', 'systems'];

    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, UnitSystem $units): array
    {
        $document = $design->toArray();
        $typed = self::texts(array_diff_key($document, ['format' => 0, 'schema' => 0]), $units);
        $plumbing = $typed['plumbing'];
        foreach (self::MAPS as $map) {
            $plumbing[$map] = (object) ($plumbing[$map] ?? []);
        }
        $workshop = $typed['workshop'] ?? [];

        return [
            ...$typed,
            ...array_map(
                static fn (mixed $figure): mixed => $figure ?? '',
                array_intersect_key($typed, array_flip(SumpDesign::FIGURES)),
            ),
            'bottomOnEdges' => $design->bottomOnEdges,
            'trays' => $typed['trays'] ?? [],
            'plumbing' => ['curve' => [], ...$plumbing],
            'workshop' => ['pads' => [], ...$workshop, 'stock' => (object) ($workshop['stock'] ?? [])],
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
            $texts[$key] = match (true) {
                is_array($value) => self::texts($value, $units),
                is_float($value), is_int($value) && $key !== 'chamber' => self::text(
                    (string) $key,
                    (float) $value,
                    $units,
                ),
                default => $value,
            };
        }

        return $texts;
    }

    private static function text(string $key, float $base, UnitSystem $units): string
    {
        $factor = match (true) {
            str_ends_with($key, 'Mm') => Fields::lengthUnit($units)->factor(),
            $key === 'litresPerHour', str_ends_with($key, 'LitresPerHour') => $units->unitOf(Dimension::Flow)->factor(),
            str_contains($key, 'Litres') => $units->unitOf(Dimension::Volume)->factor(),
            default => 1.0,
        };

        return TankForm::plain($base / $factor);
    }
}
