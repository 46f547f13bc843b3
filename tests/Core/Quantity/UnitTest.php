<?php

declare(strict_types=1);

use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

// What is only shown and never typed has no word.
it('knows every unit a keeper types by the symbol it shows', function (Unit $unit): void {
    expect(Unit::fromWord($unit->value))->toBe($unit);
})->with(array_filter(Unit::cases(), fn (Unit $unit): bool => in_array($unit->dimension(), [
    Dimension::Volume,
    Dimension::Length,
    Dimension::Mass,
    Dimension::Flow,
    Dimension::Temperature,
    Dimension::Concentration,
], true)));

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
    // Small and workshop lengths and the like are read in other units of the same kind.
    $plain = match ($dimension) {
        Dimension::Dose => Dimension::Volume,
        Dimension::SmallMass => Dimension::Mass,
        Dimension::Workshop, Dimension::Head, Dimension::Roughness => Dimension::Length,
        Dimension::Share => Dimension::Plain,
        default => $dimension,
    };
    expect($dimension->baseUnit()->dimension())->toBe($plain)
        ->and($dimension->baseUnit()->factor())->toBe(1.0)
        ->and($dimension->baseUnit()->offset())->toBe(0.0);
})->with(Dimension::cases());

it('shows what is typed in each system, and reads it back', function (UnitSystem $units): void {
    foreach ($units->toArray() as $name => $shown) {
        $dimension = Dimension::from($name);
        $text = str_replace(',', '', $units->format(123.4, $dimension, 6));
        expect(Quantity::parse($text, $units->unitOf($dimension))->base)->toAgreeWith(123.4, 1e-4)
            ->and($shown['unit'])->toBe($units->unitOf($dimension)->value);
    }
})->with(UnitSystem::cases());

// NIST SP 811, appendix B.8: 1 psi = 6.894757 kPa; 1 gallon per pound = 8.345404 L/kg; 1 ounce per US gallon =
// 7.489152 g/L; a US gallon is 128 US fluid ounces; 1 ft = 0.3048 m.
it('turns compound figures by the published factors', function (Dimension $dimension, float $base, string $us): void {
    expect(UnitSystem::Us->format($base, $dimension))->toBe($us);
})->with([
    [Dimension::Stress, 19.3, '2,799 psi'],
    [Dimension::Displacement, 0.5, '0.06 US gal/lb'],
    [Dimension::MassDose, 7.489152, '1 oz/US gal'],
    [Dimension::VolumeDose, 1.0, '0.128 US fl oz/US gal'],
    [Dimension::Speed, 0.1, '0.328 ft/s'],
    [Dimension::Head, 3048.0, '10 ft'],
    [Dimension::SmallMass, 28.349523125, '1 oz'],
    [Dimension::Mass, 100.0, '3.53 oz'],
    [Dimension::Mass, 1000.0, '2.2 lb'],
    [Dimension::Dose, 0.0295735295625, '1 US fl oz'],
    [Dimension::Workshop, 38.1, '1 1/2 in'],
    [Dimension::Share, 0.2, '20 %'],
]);

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
    [-17.108, '−17.1 L'],
]);
