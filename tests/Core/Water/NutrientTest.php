<?php

declare(strict_types=1);

use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;
use Ithys\Water\Basis;
use Ithys\Water\Nutrient;
use Ithys\Water\NutrientUnit;

it('knows a nutrient by the names keepers give it', function (string $word, Nutrient $nutrient, Basis $basis): void {
    expect(Nutrient::fromWord($word))->toBe([$nutrient, $basis]);
})->with([
    ['no3', Nutrient::Nitrate, Basis::Ion],
    ['NO₃⁻', Nutrient::Nitrate, Basis::Ion],
    [' Nitrate ', Nutrient::Nitrate, Basis::Ion],
    ['Nitrat', Nutrient::Nitrate, Basis::Ion],
    ['NO3-N', Nutrient::Nitrate, Basis::Element],
    ['nitrate nitrogen', Nutrient::Nitrate, Basis::Element],
    ['PO4', Nutrient::Phosphate, Basis::Ion],
    ['PO₄³⁻', Nutrient::Phosphate, Basis::Ion],
    ['Phosphat', Nutrient::Phosphate, Basis::Ion],
    ['po4-p', Nutrient::Phosphate, Basis::Element],
    ['phosphorus', Nutrient::Phosphate, Basis::Element],
]);

it('does not take another word for a nutrient', function (string $word): void {
    expect(Nutrient::fromWord($word))->toBeNull();
})->with(['', 'n', 'p', 'no2', 'nitrite', 'kh', 'ph', 'phosphor bronze', 'no33']);

it('reads the unit of an instrument with the basis it carries', function (
    string $text,
    Unit $unit,
    ?Basis $basis,
): void {
    $read = NutrientUnit::parse($text);
    expect($read->unit)->toBe($unit)
        ->and($read->basis)->toBe($basis);
})->with([
    ['ppm', Unit::PartPerMillion, null],
    ['mg/l', Unit::MilligramPerLitre, null],
    ['ppb P', Unit::PartPerBillion, Basis::Element],
    ['µg/L PO4-P', Unit::MicrogramPerLitre, Basis::Element],
    ['mg/L NO3', Unit::MilligramPerLitre, Basis::Ion],
    ['mg/L (NO3-N)', Unit::MilligramPerLitre, Basis::Element],
]);

it('refuses what is no unit of concentration', function (string $text): void {
    expect(fn () => NutrientUnit::parse($text))->toThrow(InvalidQuantity::class, 'not a unit known here');
})->with(['', 'dKH', 'litres', 'ppm KH', '8.5']);

it('bounds what a reef can read', function (): void {
    expect(Nutrient::Nitrate->highestBelievable())->toBeGreaterThan(Nutrient::Phosphate->highestBelievable());
});
