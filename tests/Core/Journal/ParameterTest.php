<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

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
    ['nitrite', Parameter::Nitrite, Basis::Ion],
    ['NH3-N', Parameter::Ammonia, Basis::Element],
    ['dKH', Parameter::Alkalinity, Basis::Ion],
    ['sg', Parameter::Salinity, Basis::Ion],
    ['Temp.', Parameter::Temperature, Basis::Ion],
]);

it('does not take another word for a nutrient', function (string $word): void {
    expect(Parameter::fromWord($word))->toBeNull();
})->with(['', 'n', 'p', 'phosphor bronze', 'no33', 'carbon', 'iodine']);

it('reads the unit of an instrument with the basis it carries', function (
    Parameter $of,
    string $text,
    ?Unit $unit,
    ?Basis $basis,
): void {
    $read = ParameterUnit::parse($text, $of);
    expect([$read->unit, $read->basis])->toBe([$unit, $basis]);
})->with([
    [Parameter::Nitrate, 'ppm', Unit::PartPerMillion, null],
    [Parameter::Nitrate, 'mg/l', Unit::MilligramPerLitre, null],
    [Parameter::Phosphate, 'ppb P', Unit::PartPerBillion, Basis::Element],
    [Parameter::Phosphate, 'µg/L PO4-P', Unit::MicrogramPerLitre, Basis::Element],
    [Parameter::Nitrate, 'mg/L NO3', Unit::MilligramPerLitre, Basis::Ion],
    [Parameter::Nitrate, 'mg/L (NO3-N)', Unit::MilligramPerLitre, Basis::Element],
    [Parameter::Nitrate, 'mg/L as N', Unit::MilligramPerLitre, Basis::Element],
    [Parameter::Alkalinity, 'ppm', Unit::CalciumCarbonate, null],
    [Parameter::Alkalinity, 'mg/L CaCO3', Unit::CalciumCarbonate, null],
    [Parameter::Alkalinity, 'meq/l', Unit::MilliequivalentPerLitre, null],
    [Parameter::Salinity, 'SG', null, null],
    [Parameter::Salinity, 'psu', Unit::SaltPart, null],
    [Parameter::Temperature, '°F', Unit::Fahrenheit, null],
]);

it('refuses what is no unit of the parameter', function (Parameter $of, string $text): void {
    expect(fn () => ParameterUnit::parse($text, $of))->toThrow(InvalidQuantity::class);
})->with([
    [Parameter::Nitrate, ''],
    [Parameter::Nitrate, 'dKH'],
    [Parameter::Nitrate, 'litres'],
    [Parameter::Nitrate, 'ppm KH2'],
    [Parameter::Nitrate, '8.5'],
    [Parameter::Calcium, 'dKH'],
    [Parameter::Temperature, 'mV'],
]);

it('takes a figure without a unit for what alone it can be', function (
    Parameter $of,
    float $figure,
    UnitSystem $units,
    float $base,
): void {
    expect(ParameterUnit::bare($of, $figure, $units)->base($figure))->toAgreeWith($base, 1e-3);
})->with([
    [Parameter::Temperature, 25.0, UnitSystem::Metric, 25.0],
    [Parameter::Temperature, 25.0, UnitSystem::Us, 25.0],
    [Parameter::Temperature, 77.0, UnitSystem::Metric, 25.0],
    [Parameter::Alkalinity, 8.0, UnitSystem::Us, 8.0],
    // 1 dKH is 17.85 ppm of calcium carbonate and 0.357 meq/L: common conversions, from memory.
    [Parameter::Alkalinity, 142.8, UnitSystem::Metric, 8.0],
    [Parameter::Salinity, 35.0, UnitSystem::Metric, 35.0],
    // 35 stands at a specific gravity of 1.0264 at 25 °C: common practice.
    [Parameter::Salinity, 1.02637, UnitSystem::Metric, 35.0],
]);

it('bounds what a reef can read', function (): void {
    foreach (Parameter::cases() as $parameter) {
        $facts = $parameter->facts();
        [$least, $most] = $facts->believable;
        if ($parameter === Parameter::Clarity) {
            // A score ends where its scale does.
            expect([$least, $most])->toBe([0.0, 10.0]);

            continue;
        }
        expect($facts->resolution)->toBeGreaterThan(0.0)
            ->and($most - $least)->toBeGreaterThan(100 * $facts->resolution)
            ->and($facts->usual[0])->toBeGreaterThanOrEqual($least)
            ->and($facts->usual[1])->toBeLessThan($most);
    }
});
