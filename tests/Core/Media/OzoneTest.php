<?php

declare(strict_types=1);

use Ithys\Media\CarbonSchool;
use Ithys\Media\LanthanumPlan;
use Ithys\Media\Medium;
use Ithys\Media\OzoneController;
use Ithys\Media\OzoneRefused;
use Ithys\Media\OzoneStandIn;
use Ithys\Water\Oxygen;

/** @param  array<string, mixed>  $otherwise */
function ozone(array $otherwise = []): OzoneController
{
    return new OzoneController(...[
        'onBelow' => 400.0, 'offAt' => 412.0, 'from' => 23 * 60, 'minutes' => 120,
        'hasProbe' => true, 'hasRatedSkimmer' => true, 'cleansExhaust' => true, ...$otherwise,
    ]);
}

// Common practice: on below 400 mV, off at 410 to 415.
it('switches ozone on below 400 and off at 412, and keeps on between', function (): void {
    $night = 23 * 60 + 30;
    expect(ozone()->runs(false, 399.0, $night))->toBeTrue()
        ->and(ozone()->runs(false, 405.0, $night))->toBeFalse()
        ->and(ozone()->runs(true, 405.0, $night))->toBeTrue()
        ->and(ozone()->runs(true, 412.0, $night))->toBeFalse()
        // The window goes over midnight.
        ->and(ozone()->runs(true, 380.0, 30))->toBeTrue()
        ->and(ozone()->runs(true, 380.0, 61))->toBeFalse()
        ->and(ozone()->runs(true, 380.0, 12 * 60))->toBeFalse()
        // A probe that says nothing ends it.
        ->and(ozone()->runs(true, null, $night))->toBeFalse();
});

it('refuses what harms', function (array $otherwise, string $says): void {
    expect(fn () => ozone($otherwise))->toThrow(OzoneRefused::class, $says);
})->with([
    [['hasProbe' => false], 'without an ORP probe'],
    [['hasRatedSkimmer' => false], 'rated for it'],
    [['cleansExhaust' => false], 'must not come into the room'],
    [['offAt' => 400.0], 'it flutters'],
    [['offAt' => 480.0], 'Above 450 mV'],
    [['minutes' => 0], 'window'],
]);

it('never lets the make-believe tank far above where it stops', function (float $output): void {
    $seen = OzoneStandIn::run(ozone(['minutes' => 1440]), $output, 300.0, 375.0);
    $step = 12.0 * $output / 3 * 5 / 60;
    expect(max(array_column($seen, 1)))->toBeLessThan(412.0 + $step + 0.1)->toBeGreaterThan(395.0);
    // It does not flutter: between switching on and off lies the gap.
    $switches = 0;
    foreach ($seen as $n => [, , $isOn]) {
        $switches += $n > 0 && $isOn !== $seen[$n - 1][2] ? 1 : 0;
    }
    expect($switches)->toBeLessThan(60);
})->with([4.0, 12.0, 40.0]);

// Source: tables of oxygen in balance with air at sea level (Benson and Krause), fresh water and sea water.
it('knows how much oxygen water holds', function (float $celsius, float $salinity, float $mgPerLitre): void {
    expect(Oxygen::saturation($celsius, $salinity))->toEqualWithDelta($mgPerLitre, 0.005 * $mgPerLitre);
})->with([[0.0, 0.0, 14.62], [20.0, 0.0, 9.09], [25.0, 35.0, 6.75], [30.0, 35.0, 6.22]]);

// Source: one atom of lanthanum binds one phosphate; molar masses 138.905 and 94.971.
it('plans lanthanum slowly', function (): void {
    $plan = LanthanumPlan::of(0.2, 300, 0.05, 0.8);
    expect($plan->milligrams)->toEqualWithDelta(0.2 * 300 * 138.90547 / 94.971 / 0.8, 1e-9)
        ->and($plan->days)->toBe(28)
        ->and($plan->milligramsADay() * 0.8 * 94.971 / 138.90547 / 300 * 7)->toBeLessThanOrEqual(0.05 + 1e-12)
        ->and(LanthanumPlan::of(-1, 300, 0.05, 0.8)->milligrams)->toBe(0.0);
});

it('knows the schools of carbon and how each medium is made ready', function (): void {
    expect(array_map(fn (CarbonSchool $one): ?array => $one->days(), CarbonSchool::cases()))
        ->toBe([null, [7.0, 14.0], [30.0, 30.0], [60.0, 90.0]]);
    foreach (Medium::cases() as $medium) {
        expect($medium->definition()->prepares)->not->toBe([]);
    }
    // Common practice: carbon is rinsed until clear, alumina need not be.
    expect(Medium::ActivatedCarbon->definition()->prepares[0])->toContain('until that runs clear')
        ->and(Medium::Alumina->definition()->prepares[0])->toContain('need not be rinsed');
});
