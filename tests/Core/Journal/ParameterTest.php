<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;

it('knows a nutrient by the names keepers give it', function (string $word, Parameter $nutrient, Basis $basis): void {
    expect(Parameter::fromWord($word))->toBe([$nutrient, $basis]);
})->with([
    ['no3', Parameter::Nitrate, Basis::Ion],
    ['NO₃⁻', Parameter::Nitrate, Basis::Ion],
    [' Nitrate ', Parameter::Nitrate, Basis::Ion],
    ['Nitrat', Parameter::Nitrate, Basis::Ion],
    ['NO3-N', Parameter::Nitrate, Basis::Element],
    ['nitrate nitrogen', Parameter::Nitrate, Basis::Element],
    ['PO4', Parameter::Phosphate, Basis::Ion],
    ['PO₄³⁻', Parameter::Phosphate, Basis::Ion],
    ['Phosphat', Parameter::Phosphate, Basis::Ion],
    ['po4-p', Parameter::Phosphate, Basis::Element],
    ['phosphorus', Parameter::Phosphate, Basis::Element],
]);

it('does not take another word for a nutrient', function (string $word): void {
    expect(Parameter::fromWord($word))->toBeNull();
})->with(['', 'n', 'p', 'no2', 'nitrite', 'kh', 'ph', 'phosphor bronze', 'no33']);

it('reads the unit of an instrument with the basis it carries', function (
    string $text,
    Unit $unit,
    ?Basis $basis,
): void {
    $read = ParameterUnit::parse($text);
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
    expect(fn () => ParameterUnit::parse($text))->toThrow(InvalidQuantity::class, 'not a unit known here');
})->with(['', 'dKH', 'litres', 'ppm KH', '8.5']);

it('bounds what a reef can read', function (): void {
    foreach (Parameter::cases() as $parameter) {
        [$least, $most] = $parameter->believable();
        expect($parameter->resolution())->toBeGreaterThan(0.0)
            ->and($most - $least)->toBeGreaterThan(100 * $parameter->resolution());
    }
});
