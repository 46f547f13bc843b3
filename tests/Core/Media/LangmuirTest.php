<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\PhosphateMedium;
use Ithys\Media\Langmuir;
use Ithys\Media\Medium;

it('never holds more than its capacity, and more at more', function (): void {
    $isotherm = new Langmuir(12, 3);
    $before = 0.0;
    foreach ([0.0, 0.01, 0.05, 0.2, 1.0, 10.0, 1e6] as $mgPerLitre) {
        $held = $isotherm->loading($mgPerLitre);
        expect($held)->toBeGreaterThanOrEqual($before)->toBeLessThanOrEqual(12.0);
        $before = $held;
    }
    expect($isotherm->loading(1 / 3))->toAgreeWith(6.0)
        ->and($isotherm->loading(-1.0))->toBe(0.0);
});

it('closes the balance between water and medium', function (float $litres, float $start, float $grams): void {
    $isotherm = new Langmuir(12, 3);
    $rest = $isotherm->restOf($litres, $start, $grams);
    expect($rest)->toBeGreaterThan(0.0)->toBeLessThan($start)
        ->and($litres * ($start - $rest))->toAgreeWith($grams * $isotherm->loading($rest), 1e-9);
})->with([
    [272, 0.15, 85],
    [272, 0.15, 5],
    [100, 2.0, 300],
    [900, 0.02, 40],
]);

it('knows which media bind phosphate, as the journal does', function (): void {
    foreach (Medium::cases() as $medium) {
        expect(PhosphateMedium::of($medium, Assumptions::standard()) !== null)->toBe($medium->bindsPhosphate());
    }
});
