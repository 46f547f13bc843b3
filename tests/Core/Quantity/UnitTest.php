<?php

declare(strict_types=1);

use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

it('knows every unit by the symbol it shows', function (Unit $unit): void {
    expect(Unit::fromWord($unit->value))->toBe($unit);
})->with(Unit::cases());

it('knows units by other words', function (string $word, Unit $unit): void {
    expect(Unit::fromWord($word))->toBe($unit);
})->with([
    ['litres', Unit::Litre],
    ['Liter', Unit::Litre],
    ['ltr', Unit::Litre],
    ['US gallons', Unit::UsGallon],
    ['usgal', Unit::UsGallon],
    ['UK gallon', Unit::ImperialGallon],
    ['imperial gallons', Unit::ImperialGallon],
    ['cups', Unit::UsCup],
    ['tablespoon', Unit::Tablespoon],
    ['inches', Unit::Inch],
    ['″', Unit::Inch],
    ['feet', Unit::Foot],
    ['lbs', Unit::Pound],
    ['kilo', Unit::Kilogram],
    ['lph', Unit::LitrePerHour],
    ['US gph', Unit::UsGallonPerHour],
    ['ug/l', Unit::MicrogramPerLitre],
    ['μg/L', Unit::MicrogramPerLitre],
    ['F', Unit::Fahrenheit],
]);

it('has no unit for another word', function (): void {
    expect(Unit::fromWord('barrel'))->toBeNull()
        ->and(Unit::fromWord(''))->toBeNull();
});

it('never guesses a gallon', function (string $word): void {
    expect(fn () => Unit::fromWord($word))->toThrow(
        InvalidQuantity::class,
        'US gallon (3.785 L) or an imperial one (4.546 L)',
    );
})->with(['gal', 'Gallons', 'gal/h', 'GPH']);

it('takes a gallon as the one agreed on', function (): void {
    expect(Unit::fromWord('gal', Unit::ImperialGallon))->toBe(Unit::ImperialGallon)
        ->and(Unit::fromWord('gph', Unit::ImperialGallon))->toBe(Unit::ImperialGallonPerHour)
        ->and(Unit::fromWord('gallons', Unit::UsGallon))->toBe(Unit::UsGallon);
});

it('has one base unit a dimension, of factor one', function (Dimension $dimension): void {
    expect($dimension->baseUnit()->dimension())->toBe($dimension)
        ->and($dimension->baseUnit()->factor())->toBe(1.0)
        ->and($dimension->baseUnit()->offset())->toBe(0.0);
})->with(Dimension::cases());

it('shows every dimension in each system, and reads it back', function (UnitSystem $units): void {
    foreach (Dimension::cases() as $dimension) {
        $shown = $units->format(123.4, $dimension, 6);
        $back = Quantity::parse(str_replace(',', '', $shown), $units->unitOf($dimension))->base;
        expect($back)->toAgreeWith(123.4, 1e-4);
        expect($units->toArray()[$dimension->value]['unit'])->toBe($units->unitOf($dimension)->value);
    }
})->with(UnitSystem::cases());

it('will not turn litres into grams', function (): void {
    expect(fn () => Quantity::of(3, Unit::Litre)->in(Unit::Gram))->toThrow(InvalidQuantity::class, 'measures mass');
});

it('rounds to what is worth reading', function (float $litres, string $shown): void {
    expect(UnitSystem::Metric->format($litres, Dimension::Volume))->toBe($shown);
})->with([
    [0.0, '0 L'],
    [0.127, '0.13 L'],
    [5.0, '5 L'],
    [46.25, '46.3 L'],
    [352.4, '352 L'],
    [12_345.6, '12,346 L'],
    [-17.108, '-17.1 L'],
]);
