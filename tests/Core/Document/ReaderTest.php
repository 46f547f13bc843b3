<?php

declare(strict_types=1);

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Document\Writer;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

/** A figure typed at the place "here", in the keeper's units. */
function typedFigure(string $text, Field $field, UnitSystem $units = UnitSystem::Metric): ?float
{
    $reader = Reader::typed([$field->key => $text], $units);
    $figure = $reader->figure($field);
    $reader->close();

    return $figure;
}

/** @return array<string, string> */
function typedProblems(string $text, Field $field, UnitSystem $units = UnitSystem::Metric): array
{
    try {
        typedFigure($text, $field, $units);
    } catch (Refused $refused) {
        return $refused->problems;
    }

    return [];
}

it('reads a figure in the keeper\'s unit or any written out', function (
    UnitSystem $units,
    string $text,
    Dimension $dimension,
    float $base,
): void {
    $field = Field::of('at', 'The figure', $dimension, 0, 1e6);
    expect(typedFigure($text, $field, $units))->toAgreeWith($base, 1e-9);
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
    expect(typedFigure($text, Field::of('at', 'The figure', Dimension::Volume, 1, 2)))->toBeNull();
})->with(['', '   ', "\t"]);

it('lets a bare figure mean what the place says', function (): void {
    $gap = Field::of('a', 'The gap', Dimension::Workshop, 1, 100);
    expect(typedFigure('30', $gap))
        ->toBe(30.0)
        ->and(typedFigure('3 cm', $gap))
        ->toBe(30.0)
        ->and(typedFigure('1 1/2', $gap, UnitSystem::Us))
        ->toAgreeWith(38.1)
        ->and(typedFigure('120', Field::of('c', 'The amount', Dimension::SmallMass, 1, 1000)))
        ->toBe(120.0)
        ->and(typedFigure('120', Field::of('c', 'The amount', Dimension::Mass, 1, 1000, bare: Unit::Gram)))
        ->toBe(120.0);
});

it('says what is wrong, where, and what would be right', function (
    string $text,
    ?Dimension $dimension,
    string $sentence,
): void {
    expect(typedProblems($text, Field::of('here', 'The figure', $dimension, 1, 500)))->toBe(['here' => $sentence]);
})->with([
    ['600', Dimension::Volume, 'The figure must be between 1 L and 500 L; “600” is 600 L.'],
    ['-3', Dimension::Volume, 'The figure must be between 1 L and 500 L; “-3” is −3 L.'],
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
    $number = Field::whole('b', 'The number', 1, 40);
    expect(typedFigure('3', $number))->toBe(3.0)
        ->and(typedProblems('2.5', $number)['b'])
        ->toBe('The number must be a whole number between 1 and 40; “2.5” is 2.5.');
});

it('takes a bound that was shown in the other unit for the bound', function (
    float $least,
    float $most,
    Unit $unit,
): void {
    foreach ([$least, $most] as $bound) {
        $shown = number_format($bound / $unit->factor(), 4, '.', '');
        if (abs((float) $shown * $unit->factor() - $bound) <= 1e-5 * $bound) {
            expect(
                typedFigure($shown, Field::of('at', 'The figure', $unit->dimension(), $least, $most), UnitSystem::Us),
            )
                ->toBeGreaterThanOrEqual($least)
                ->toBeLessThanOrEqual($most);
        }
    }
})->with([[50.0, 10_000.0, Unit::Inch], [1000.0, 50_000.0, Unit::UsGallon], [100.0, 500_000.0, Unit::UsGallonPerHour]]);

it('keeps every problem, not only the first', function (): void {
    $reader = Reader::typed(['a' => 'x', 'b' => 'y', 'parts' => [['d' => 'z']]], UnitSystem::Metric);
    $reader->figure(Field::of('a', 'One', null, 0, 1));
    $reader->figure(Field::of('b', 'Two', null, 0, 1));
    $reader->needed(Field::of('c', 'Three', null, 0, 1));
    $reader->list('parts')[0]->figure(Field::of('d', 'Four', null, 0, 1));
    $reader->list('parts')[0]->at('part.x')->needed(Field::of('e', 'Five', null, 0, 1));
    try {
        $reader->close();
    } catch (Refused $refused) {
        expect(array_keys($refused->problems))->toBe(['a', 'b', 'c', 'parts.0.d', 'part.x.e'])
            ->and($refused->problems['part.x.e'])->toBe('Five is needed.');

        return;
    }
    $this->fail('Nothing was refused.');
});

it('shortens a very long slip of the pen', function (): void {
    $long = str_repeat('9', 12).str_repeat('x', 500);
    expect(mb_strlen(typedProblems($long, Field::of('a', 'One', Dimension::Volume, 0, 1))['a']))->toBeLessThan(120);
});

it('reads stored figures as numbers in the unit of the document, and nothing else', function (): void {
    $head = Field::of('headMetres', 'The height', Dimension::Head, 10.0, 50_000.0, Unit::Metre);
    expect(Reader::plain(['headMetres' => 3.2])->figure($head))->toBe(3.2)
        ->and(Reader::plain([])->figure($head))->toBeNull();
    foreach (['3.2', true, [], 0.001, 60.0] as $wrong) {
        $reader = Reader::plain(['headMetres' => $wrong]);
        expect($reader->figure($head))->toBeNull()
            ->and(fn () => $reader->close())->toThrow(Refused::class, 'The height must be a number from 0.01 to 50.');
    }
});

it('refuses a document of another format or version by name', function (): void {
    expect(fn () => Reader::stored(['format' => 'x', 'schema' => 1], 'path', 'a path', 'ithys-path', 1))->toThrow(
        Refused::class,
        'This is not a path of this version: its format should read “ithys-path”, its schema 1.',
    );
});

// A document that is written as it would be typed is read again as it was.
it('writes what it reads, in either unit system', function (UnitSystem $units): void {
    $fields = [
        'lengthMm' => Field::of('lengthMm', 'The length', Dimension::Workshop, 0.0, 5_000.0),
        'headMetres' => Field::of('headMetres', 'The height', Dimension::Head, 0.0, 50_000.0, Unit::Metre),
        'celsius' => Field::of('celsius', 'The warmth', Dimension::Temperature, 0.0, 50.0),
        'count' => Field::whole('count', 'The number', 0, 90),
    ];
    $document = [
        'lengthMm' => 123.4,
        'parts' => [['headMetres' => 3.25, 'celsius' => 25.5, 'count' => 3, 'word' => 'x']],
    ];
    $typed = (new Writer($units))->texts($document, $fields);
    $reader = Reader::typed($typed, $units);
    $part = $reader->list('parts')[0];
    expect($reader->figure($fields['lengthMm']))->toEqualWithDelta(123.4, $units === UnitSystem::Us ? 0.2 : 1e-9)
        ->and($part->figure($fields['headMetres']))->toAgreeWith(3.25, 1e-4)
        ->and($part->figure($fields['celsius']))->toAgreeWith(25.5, 1e-4)
        ->and($part->whole($fields['count']))->toBe(3)
        ->and($part->text('word'))->toBe('x');
})->with(UnitSystem::cases());
