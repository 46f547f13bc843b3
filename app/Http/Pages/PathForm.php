<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Path\Figure;
use Ithys\Path\Path;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** A path turned back into what its keeper types: its document, with every figure as text in the keeper's units. */
final class PathForm
{
    /** @return array<string, mixed> */
    public static function of(Path $path, UnitSystem $units): array
    {
        $document = $path->toArray();
        $flow = static fn (mixed $base): string => self::text($base, Figure::FlowLimit, $units);
        $item = static fn (array $item): array => [
            'name' => '', 'tag' => '', 'note' => '', 'keptBecause' => '', 'keptWhere' => '',
            ...$item,
            'figures' => (object) self::figures($item['figures'] ?? [], $units),
            'choices' => (object) ($item['choices'] ?? []),
            'flags' => $item['flags'] ?? [],
            'media' => array_map(
                static fn (array $load): array => [
                    'medium' => $load['medium'],
                    'grams' => self::text($load['grams'] ?? null, Figure::Grams, $units),
                ],
                $item['media'] ?? [],
            ),
        ];

        return [
            'name' => $path->name,
            'style' => $path->style->value,
            'litresPerHour' => $flow($path->litresPerHour),
            'stockNow' => $path->stockNow->value,
            'stockPlanned' => $path->stockPlanned->value,
            'without' => (object) $path->without,
            'lines' => array_map(static fn (array $line): array => [
                'name' => '', 'from' => '', 'to' => '', 'tank' => false,
                ...$line,
                'litresPerHour' => $flow($line['litresPerHour'] ?? null),
                'tankLitres' => self::text($line['tankLitres'] ?? null, Figure::ClaimHigh, $units),
                'items' => array_map($item, $line['items']),
            ], $document['lines']),
            'removed' => array_map($item, $document['removed'] ?? []),
        ];
    }

    /**
     * @param  array<string, float>  $figures
     * @return array<string, string>
     */
    private static function figures(array $figures, UnitSystem $units): array
    {
        $texts = [];
        foreach ($figures as $key => $base) {
            $texts[$key] = self::text($base, Figure::from($key), $units);
        }

        return $texts;
    }

    private static function text(mixed $base, Figure $figure, UnitSystem $units): string
    {
        if (! is_float($base) && ! is_int($base)) {
            return '';
        }
        $dimension = $figure->dimension();
        $unit = $dimension === null || $dimension === Dimension::Mass ? null : $units->unitOf($dimension);

        return TankForm::plain($unit === null ? (float) $base : $base / $unit->factor() + $unit->offset());
    }
}
