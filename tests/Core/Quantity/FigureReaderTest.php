<?php

declare(strict_types=1);

use Ithys\Quantity\Dimension;
use Ithys\Quantity\FigureReader;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

it('reads a figure in the keeper\'s unit or any written out', function (
    UnitSystem $units,
    string $text,
    Dimension $dimension,
    float $base,
): void {
    $reader = new FigureReader($units);
    expect($reader->read($text, 'at', 'The figure', $dimension, 0, 1e6))->toAgreeWith($base, 1e-9)
        ->and($reader->problems())->toBe([]);
})->with([
    [UnitSystem::Metric, '12', Dimension::Volume, 12.0],
    [UnitSystem::Us, '12', Dimension::Volume, 45.424941408],
    [UnitSystem::Metric, ' 12 US gal ', Dimension::Volume, 45.424941408],
    [UnitSystem::Us, '12 imp gal', Dimension::Volume, 54.55308],
    [UnitSystem::Metric, '30', Dimension::Length, 300.0],
    [UnitSystem::Us, '9 1/4', Dimension::Length, 234.95],
    [UnitSystem::Metric, '600 US gal/h', Dimension::Flow, 2271.2470704],
    [UnitSystem::Us, '600', Dimension::Flow, 2271.2470704],
    [UnitSystem::Metric, '2,5', Dimension::Mass, 2500.0],
    [UnitSystem::Us, '78', Dimension::Temperature, 25.555555555555557],
]);

it('takes nothing written for no figure', function (string $text): void {
    $reader = new FigureReader(UnitSystem::Metric);
    expect($reader->read($text, 'at', 'The figure', Dimension::Volume, 1, 2))
        ->toBeNull()
        ->and($reader->problems())
        ->toBe([]);
})->with(['', '   ', "\t"]);

it('lets a bare figure mean what the place says', function (): void {
    $reader = new FigureReader(UnitSystem::Metric);
    expect($reader->read('30', 'a', 'The gap', Dimension::Length, 1, 100, Unit::Millimetre))->toBe(30.0)
        ->and($reader->read('3 cm', 'b', 'The gap', Dimension::Length, 1, 100, Unit::Millimetre))->toBe(30.0)
        ->and($reader->read('120', 'c', 'The amount', Dimension::Mass, 1, 1000, Unit::Gram))->toBe(120.0)
        ->and($reader->read('1.5', 'd', 'The head', Dimension::Length, 1, 10_000, Unit::Metre))->toBe(1500.0);
});

it('says what is wrong, where, and what would be right', function (
    string $text,
    ?Dimension $dimension,
    string $sentence,
): void {
    $reader = new FigureReader(UnitSystem::Metric);
    expect($reader->read($text, 'here', 'The figure', $dimension, 1, 500))->toBeNull()
        ->and($reader->problems())->toBe(['here' => $sentence]);
})->with([
    ['600', Dimension::Volume, 'The figure must be between 1 L and 500 L; “600” is 600 L.'],
    ['-3', Dimension::Volume, 'The figure must be between 1 L and 500 L; “-3” is -3 L.'],
    ['200 US gal', Dimension::Volume, 'The figure must be between 1 L and 500 L; “200 US gal” is 757 L.'],
    ['0', null, 'The figure must be between 1 and 500; “0” is 0.'],
    ['12 cm', Dimension::Volume, '“cm” measures length, but a volume is wanted here, for example in L.'],
    ['12 buckets', Dimension::Volume, '“buckets” is not a unit known here.'],
    ['1,250', Dimension::Volume, '“1,250” can be 1.250 or 1250. Write one of them.'],
    ['NaN', null, '“NaN” is not a number. Write digits such as 12, 12.5 or 1/2.'],
    ['1e9', null, '“1e9” is not a number. Write digits such as 12, 12.5 or 1/2.'],
    ['=1+1', null, '“=1+1” is not a number. Write digits such as 12, 12.5 or 1/2.'],
]);

it('wants a whole number where only one makes sense', function (): void {
    $reader = new FigureReader(UnitSystem::Metric);
    expect($reader->read('3', 'a', 'The number', null, 1, 40, whole: true))->toBe(3.0)
        ->and($reader->read('2.5', 'b', 'The number', null, 1, 40, whole: true))->toBeNull()
        ->and($reader->problems()['b'])->toBe('The number must be a whole number between 1 and 40; “2.5” is 2.5.');
});

it('takes a bound that was shown in the other unit for the bound', function (
    float $least,
    float $most,
    Unit $unit,
): void {
    $reader = new FigureReader(UnitSystem::Us);
    foreach ([$least, $most] as $bound) {
        $shown = number_format($bound / $unit->factor(), 4, '.', '');
        if (abs((float) $shown * $unit->factor() - $bound) <= 1e-5 * $bound) {
            expect($reader->read($shown, 'at', 'The figure', $unit->dimension(), $least, $most))
                ->toBeGreaterThanOrEqual($least)
                ->toBeLessThanOrEqual($most);
        }
    }
    expect($reader->problems())->toBe([]);
})->with([[50.0, 10_000.0, Unit::Inch], [1000.0, 50_000.0, Unit::UsGallon], [100.0, 500_000.0, Unit::UsGallonPerHour]]);

it('keeps every problem, not only the first', function (): void {
    $reader = new FigureReader(UnitSystem::Metric);
    $reader->read('x', 'a', 'One', null, 0, 1);
    $reader->read('y', 'b', 'Two', null, 0, 1);
    $reader->note('c', 'Three is needed.');
    expect(array_keys($reader->problems()))->toBe(['a', 'b', 'c']);
});

it('shortens a very long slip of the pen', function (): void {
    $reader = new FigureReader(UnitSystem::Metric);
    $reader->read(str_repeat('9', 12).str_repeat('x', 500), 'a', 'One', Dimension::Volume, 0, 1);
    expect(mb_strlen($reader->problems()['a']))->toBeLessThan(120);
});
