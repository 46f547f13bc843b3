<?php

declare(strict_types=1);

use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Tests\Support\Golden;

// The pages write figures of their own while a keeper drags or types; this table holds both writers to the same words.

it('writes the table of figures that the pages are held to', function (): void {
    $rows = [];
    foreach (UnitSystem::cases() as $units) {
        foreach ($units->toArray() as $dimension => $unit) {
            foreach (
                [0.0, 0.0042, 0.0371, 0.612, 1.0, 2.347, 9.96, 31.26, 148.7, 1234.4, 86_420.0, -3.456, -0.2] as $base
            ) {
                $text = $units->format($base, Dimension::from($dimension));
                // Small masses change to grams and ounces, which no drawing shows.
                if (str_ends_with($text, " {$unit['unit']}")) {
                    $rows[] = [$units->value, $dimension, $base, $text];
                }
            }
        }
        foreach ([0.0, 0.4, 1.5875, 5.04, 5.5, 9.97, 12.7, 238.125, 249.6, 760.0, 6.0, 1219.2, -12.7] as $mm) {
            $lengths[] = [$units->unitOf(Dimension::Workshop)->value, $mm, ShopLength::format($mm, $units)];
            $typed[] = [$units->unitOf(Dimension::Workshop)->value, $mm, ShopLength::typed($mm, $units)];
        }
    }
    expect(count($rows))->toBeGreaterThan(150);
    Golden::json('figures', [
        'units' => ['metric' => UnitSystem::Metric->toArray(), 'us' => UnitSystem::Us->toArray()],
        'figures' => $rows,
        'lengths' => $lengths ?? [],
        'typed' => $typed ?? [],
    ]);
});
