<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Panel\Material;
use Ithys\Panel\PanelLoad;
use Ithys\Panel\Plate;
use Ithys\Panel\Support;

it('judges a panel by its safety factor', function (float $thickness, bool $safe): void {
    expect(
        PanelLoad::of(
            760,
            380,
            $thickness,
            Material::Glass,
            Support::FreeTop,
            Assumptions::standard(),
            1025.0,
        )->isSafe(),
    )->toBe($safe);
})->with([[4, false], [6, false], [10, true], [12, true]]);

it('says where small-deflection theory ends', function (): void {
    expect(
        PanelLoad::of(600, 400, 3, Material::Acrylic, Support::FreeTop, Assumptions::standard(), 1025.0)->beyondTheory,
    )
        ->toBeTrue()
        ->and(
            PanelLoad::of(600, 400, 10, Material::Glass, Support::FreeTop, Assumptions::standard(), 1025.0)
                ->beyondTheory,
        )
        ->toBeFalse();
});

// Laws: thicker is never worse, deeper and longer never better, and a held edge never hurts.
it('gets safer with thickness and a brace, and less safe with depth and length', function (): void {
    foreach ([Support::FourEdges, Support::FreeTop] as $support) {
        foreach ([[400, 300], [800, 400], [1200, 500]] as [$length, $height]) {
            $here = PanelLoad::of($length, $height, 8, Material::Glass, $support, Assumptions::standard(), 1025.0);
            expect(
                PanelLoad::of($length, $height, 10, Material::Glass, $support, Assumptions::standard(), 1025.0)->safety,
            )
                ->toBeGreaterThan($here->safety)
                ->and(
                    PanelLoad::of($length, $height + 50, 8, Material::Glass, $support, Assumptions::standard(), 1025.0)
                        ->safety,
                )
                ->toBeLessThan($here->safety)
                ->and(
                    PanelLoad::of($length + 100, $height, 8, Material::Glass, $support, Assumptions::standard(), 1025.0)
                        ->safety,
                )
                ->toBeLessThan($here->safety)
                ->and(
                    PanelLoad::of(
                        $length,
                        $height,
                        8,
                        Material::Glass,
                        Support::FourEdges,
                        Assumptions::standard(),
                        1025.0,
                    )->deflectionMm,
                )
                ->toBeLessThanOrEqual($here->deflectionMm);
        }
    }
});

it('bends acrylic much further than glass, under the same pressure', function (): void {
    $glass = PanelLoad::of(800, 400, 10, Material::Glass, Support::FreeTop, Assumptions::standard(), 1025.0);
    $acrylic = PanelLoad::of(800, 400, 10, Material::Acrylic, Support::FreeTop, Assumptions::standard(), 1025.0);
    expect($acrylic->deflectionMm)->toBeGreaterThan(15 * $glass->deflectionMm)
        ->and($acrylic->pressure)->toBe($glass->pressure)
        ->and($acrylic->force)->toBe($glass->force);
});

it('is proportional to the density of the water, and stress to thickness squared', function (): void {
    $fresh = PanelLoad::of(800, 400, 10, Material::Glass, Support::FreeTop, Assumptions::standard(), 1000);
    $sea = PanelLoad::of(800, 400, 10, Material::Glass, Support::FreeTop, Assumptions::standard(), 1025);
    expect($sea->stress / $fresh->stress)
        ->toAgreeWith(1.025, 1e-9)
        ->and(
            PanelLoad::of(800, 400, 20, Material::Glass, Support::FreeTop, Assumptions::standard(), 1000)->stress
                / $fresh->stress,
        )
        ->toAgreeWith(0.25, 1e-9)
        ->and(
            PanelLoad::of(800, 400, 20, Material::Glass, Support::FreeTop, Assumptions::standard(), 1000)
                ->deflectionMm / $fresh->deflectionMm,
        )
        ->toAgreeWith(0.125, 1e-9);
});

it('approaches a wall of water held at foot and head where the plate is very long', function (): void {
    // A beam under a triangular load, simply supported: greatest moment q0 H² / (9 sqrt 3).
    expect(Plate::solve(12.0, Support::FourEdges, 0.3)->stress)->toAgreeWith(6 / (9 * sqrt(3)), 0.01);
});

it('labels its supports and materials, with sources for their strength', function (): void {
    foreach (Support::cases() as $support) {
        expect($support->label())->not->toBe('');
    }
    foreach (Material::cases() as $material) {
        expect($material->strength(Assumptions::standard())->kind->value)
            ->toBe('estimate')
            ->and($material->poisson(Assumptions::standard()))
            ->toBeGreaterThan(0.1)
            ->toBeLessThan(0.5);
    }
});
