<?php

declare(strict_types=1);

use Ithys\Quantity\Decimal;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

it('reads numbers as keepers write them', function (string $text, float $value, float $step): void {
    $decimal = Decimal::parse($text);
    expect($decimal->value)->toAgreeWith($value)->and($decimal->step)->toAgreeWith($step);
})->with([
    ['12', 12.0, 1.0],
    ['12.5', 12.5, 0.1],
    ['8,5', 8.5, 0.1],
    ['0.06', 0.06, 0.01],
    [',5', 0.5, 0.1],
    ['1/2', 0.5, 0.5],
    ['1 1/2', 1.5, 0.5],
    ['-3.25', -3.25, 0.01],
    ['0,125', 0.125, 0.001],
]);

it('refuses what is not a number', function (string $text): void {
    expect(fn () => Decimal::parse($text))->toThrow(InvalidQuantity::class);
})->with(['', 'NaN', 'INF', '1e99', 'twelve', '1/0', '1.2.3', '12 13', '9999999999999', '0x1A', '١٢']);

it('will not guess whether 1,250 is a thousand or a decimal', function (): void {
    expect(fn () => Decimal::parse('1,250'))->toThrow(InvalidQuantity::class, 'can be 1.250 or 1250');
});

it('reads a figure with its unit', function (string $text, Unit $bare, float $base): void {
    expect(Quantity::parse($text, $bare)->base)->toAgreeWith($base);
})->with([
    ['40', Unit::Centimetre, 400.0],
    ['48 in', Unit::Centimetre, 1219.2],
    ['1/2 in', Unit::Centimetre, 12.7],
    ['1 1/2"', Unit::Centimetre, 38.1],
    ['12 US gal', Unit::Litre, 45.424941408],
    ['12 imp gal', Unit::Litre, 54.55308],
    ['12imp. gal', Unit::Litre, 54.55308],
    ['78 °F', Unit::Celsius, 230 / 9],
    ['20 lb', Unit::Kilogram, 9071.8474],
    ['530 US gal/h', Unit::LitrePerHour, 2006.26824552],
    ['18 ppb', Unit::PartPerMillion, 0.018],
    ['20 µg/L', Unit::PartPerMillion, 0.02],
]);

it('asks which gallon where litres are the habit', function (): void {
    expect(fn () => Quantity::parse('12 gal', Unit::Litre))
        ->toThrow(InvalidQuantity::class, 'Write “US gal” or “imp gal”')
        ->and(Quantity::parse('12 gal', Unit::UsGallon, Unit::UsGallon)->base)
        ->toAgreeWith(45.424941408)
        ->and(Quantity::parse('500 gph', Unit::UsGallonPerHour, Unit::UsGallon)->base)
        ->toAgreeWith(1892.705892);
});

it('says when a unit measures something else', function (): void {
    expect(fn () => Quantity::parse('12 kg', Unit::Centimetre))
        ->toThrow(InvalidQuantity::class, '“kg” measures mass, but a length is wanted')
        ->and(fn () => Quantity::parse('12 parsec', Unit::Centimetre))
        ->toThrow(InvalidQuantity::class, '“parsec” is not a unit');
});

it('shows base units in either system', function (): void {
    expect(UnitSystem::Metric->format(352.4, Dimension::Volume))->toBe('352 L')
        ->and(UnitSystem::Us->format(352.4, Dimension::Volume))->toBe('93.1 US gal')
        ->and(UnitSystem::Us->format(25.0, Dimension::Temperature))->toBe('77 °F')
        ->and(UnitSystem::Metric->format(-0.0001, Dimension::Volume))->toBe('0 L');
});
