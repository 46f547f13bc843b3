<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Document\Writer;
use Ithys\Path\Figure;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Quantity\UnitSystem;

/** A path turned back into what its keeper types: its document, with every figure as text in the keeper's units. */
final class PathForm
{
    /** @return array<string, mixed> */
    public static function of(Path $path, UnitSystem $units): array
    {
        $document = $path->toArray();
        $writer = new Writer($units);
        $flow = static fn (?float $base): string => $writer->text($base, PathDocument::flow());
        $item = static fn (array $item): array => [
            'name' => '', 'tag' => '', 'note' => '', 'keptBecause' => '', 'keptWhere' => '',
            ...$item,
            'figures' => (object) self::figures($item['figures'] ?? [], $writer),
            'choices' => (object) ($item['choices'] ?? []),
            'flags' => $item['flags'] ?? [],
            'media' => array_map(
                static fn (array $load): array => [
                    'medium' => $load['medium'],
                    'grams' => $writer->text($load['grams'] ?? null, Figure::Grams->field()),
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
                'tankLitres' => $writer->text($line['tankLitres'] ?? null, PathDocument::tankLitres()),
                'items' => array_map($item, $line['items']),
            ], $document['lines']),
            'removed' => array_map($item, $document['removed'] ?? []),
        ];
    }

    /**
     * @param  array<string, float>  $figures
     * @return array<string, string>
     */
    private static function figures(array $figures, Writer $writer): array
    {
        $texts = [];
        foreach ($figures as $key => $base) {
            $texts[$key] = $writer->text($base, Figure::from($key)->field());
        }

        return $texts;
    }
}
