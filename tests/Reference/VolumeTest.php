<?php

declare(strict_types=1);

use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

function describedTank(
    Display $display,
    float $sump = 0,
    float $plumbing = 0,
    float $sand = 0,
    float $rock = 0,
    ?float $flow = null,
): Tank {
    return new Tank(
        $display,
        new BesideDisplay($sump, $plumbing),
        new Ground($sand, $rock),
        new Conditions(35, 25),
        $flow,
        TurnoverSchool::Moderate,
    );
}

// Source: arithmetic by GNU units 2.22.
it('measures boxes and cylinders', function (): void {
    expect(Display::box(1200, 500, 600)->grossLitres())->toAgreeWith(360.0, 1e-15)
        ->and(Display::cylinder(600, 500)->grossLitres())->toAgreeWith(141.371669411541, 1e-13)
        ->and(Display::box(24 * 25.4, 12 * 25.4, 16 * 25.4)->grossLitres())->toAgreeWith(75.511590912, 1e-14)
        ->and(Display::box(1200, 500, 600, 25)->unfilledLitres())->toAgreeWith(15.0, 1e-15);
});

// Source: arithmetic by GNU units 2.22 on EOS-80 density at S 35, 25 °C (UNESCO 1983).
it('weighs the water', function (): void {
    expect(describedTank(Display::volume(342))->workingVolume()->kilograms)->toAgreeWith(349.983306, 2e-7);
});

// Common practice: a 50 gal display with a 20 gal sump is called 70, but the sump runs half full.
it('counts a sump at its running lines', function (): void {
    $volume = describedTank(Display::volume(50 * 3.785411784), sump: 10 * 3.785411784)->workingVolume();
    expect($volume->litres / 3.785411784)->toAgreeWith(60.0, 1e-14);
});

// Common practice: 450 lb of rock and sand in a 200 US gal tank goes uncorrected; by our displacement it is a fifth of
// the volume or so.
it('takes off what rock and sand displace', function (): void {
    $kg = 450 * 0.45359237 / 2;
    $volume = describedTank(Display::volume(200 * 3.785411784), sand: $kg, rock: $kg)->workingVolume();
    expect($volume->litres)->toAgreeWith(200 * 3.785411784 - $kg * 0.36 - $kg * 0.5, 1e-14)
        ->and(1 - $volume->litres / (200 * 3.785411784))->toBeGreaterThan(0.1)->toBeLessThan(0.13);
});
