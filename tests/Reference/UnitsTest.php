<?php

declare(strict_types=1);

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;

// Source: NIST SP 811 appendix B and the international yard and pound (1959); values by GNU units 2.22.
it('converts units as NIST SP 811 does', function (Unit $from, Unit $to, float $expected): void {
    expect(Quantity::of(1.0, $from)->in($to))->toAgreeWith($expected, 3e-15);
})->with([
    [Unit::UsGallon, Unit::Litre, 3.785411784],
    [Unit::ImperialGallon, Unit::Litre, 4.54609],
    [Unit::CubicInch, Unit::Millilitre, 16.387064],
    [Unit::UsGallon, Unit::CubicInch, 231.0],
    [Unit::UsCup, Unit::Millilitre, 236.5882365],
    [Unit::Tablespoon, Unit::Millilitre, 14.78676478125],
    [Unit::Teaspoon, Unit::Millilitre, 4.92892159375],
    [Unit::UsFluidOunce, Unit::Millilitre, 29.5735295625],
    [Unit::ImperialFluidOunce, Unit::Millilitre, 28.4130625],
    [Unit::UsQuart, Unit::Litre, 0.946352946],
    [Unit::CubicFoot, Unit::Litre, 28.316846592],
    [Unit::Pound, Unit::Gram, 453.59237],
    [Unit::Inch, Unit::Millimetre, 25.4],
    [Unit::Foot, Unit::Millimetre, 304.8],
    [Unit::LitrePerHour, Unit::UsGallonPerHour, 0.264172052358149],
    [Unit::ImperialGallonPerHour, Unit::LitrePerHour, 4.54609],
    [Unit::UsGallonPerMinute, Unit::LitrePerHour, 227.12470704],
    [Unit::Litre, Unit::UsGallon, 0.264172052358148],
    [Unit::Litre, Unit::ImperialGallon, 0.219969248299088],
]);

// Source: NIST SP 811, t/°C = (t/°F - 32)/1.8; values by GNU units 2.22.
it('converts temperatures both ways', function (): void {
    expect(Quantity::of(78, Unit::Fahrenheit)->in(Unit::Celsius))->toAgreeWith(25.5555555555555, 1e-13)
        ->and(Quantity::of(32, Unit::Fahrenheit)->in(Unit::Celsius))->toBe(0.0)
        ->and(Quantity::of(25, Unit::Celsius)->in(Unit::Fahrenheit))->toAgreeWith(77.0, 1e-15)
        ->and(Quantity::of(25.5, Unit::Celsius)->in(Unit::Fahrenheit))->toAgreeWith(77.9, 1e-15);
});

// Common practice: "150 L = 33 gal" is imperial; it is 39.6 US gallons.
it('tells US and imperial gallons apart', function (): void {
    $tank = Quantity::of(150, Unit::Litre);
    expect(round($tank->in(Unit::UsGallon), 1))->toBe(39.6)
        ->and(round($tank->in(Unit::ImperialGallon), 1))->toBe(33.0);
});

it('comes back to the same figure through every unit', function (Unit $unit): void {
    foreach ([0.001, 1.0, 37.5, 1234.567] as $figure) {
        expect(abs(Quantity::of($figure, $unit)->in($unit) - $figure))->toBeLessThan(1e-11 * max(1.0, $figure));
    }
})->with(Unit::cases());
