<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Document\Writer;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpFields;

/** A sump turned back into what its keeper types: its document, with every figure as text in the keeper's units. */
final class SectionForm
{
    /** Maps that are sent as objects even when nothing is in them. */
    private const MAPS = ['fittings', 'drainFittings', 'emergencyFittings', 'systems'];

    /**
     * @param  bool  $toTheMark  whether what is only proposed is set to the nearest mark of a rule
     * @return array<string, mixed>
     */
    public static function of(SumpDesign $design, UnitSystem $units, bool $toTheMark = false): array
    {
        $document = $design->toArray();
        $typed = self::texts(array_diff_key($document, ['format' => 0, 'schema' => 0]), $units, $toTheMark);
        $plumbing = $typed['plumbing'];
        foreach (self::MAPS as $map) {
            $plumbing[$map] = (object) array_map(strval(...), $plumbing[$map] ?? []);
        }
        $workshop = $typed['workshop'] ?? [];

        return [
            ...$typed,
            'bottomOnEdges' => $design->vessel->bottomOnEdges,
            'trays' => $typed['trays'] ?? [],
            'tanks' => array_map(
                static fn (array $tank): array => [
                    ...$tank,
                    'drainFittings' => (object) array_map(strval(...), $tank['drainFittings'] ?? []),
                ],
                $typed['tanks'] ?? [],
            ),
            'plumbing' => ['curve' => [], ...$plumbing],
            'workshop' => ['pads' => [], ...$workshop, 'stock' => (object) ($workshop['stock'] ?? [])],
        ];
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  bool  $toTheMark  whether what is only proposed is set to the nearest mark of a rule
     * @return array<string, mixed>
     */
    public static function texts(array $part, UnitSystem $units, bool $toTheMark = false): array
    {
        return (new Writer($units, $toTheMark))->texts($part, SumpFields::all());
    }
}
