<?php

declare(strict_types=1);

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\Entry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\QuickEntry\Understood;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

// Lines as they are typed on a phone, which were once read as something else without a word.

function phoneLine(string $line): Understood
{
    return QuickEntry::read($line, new Context(
        new DateTimeImmutable('2026-11-25 12:00', new DateTimeZone('UTC')),
        UnitSystem::Metric,
        300,
    ));
}

/** @return list<string> */
function phoneEntries(string $line): array
{
    $words = new Words(UnitSystem::Metric);

    return array_map(
        static fn (Entry $entry): string => $entry->at->format('d.m. H:i ').$words->say($entry->payload->summary()),
        phoneLine($line)->entries,
    );
}

it('reads it as it was meant', function (string $line, string ...$entries): void {
    expect(phoneLine($line)->problems)->toBe([], $line)->and(phoneEntries($line))->toBe($entries);
})->with([
    'a day behind a whole figure' => ['no3 8 24/11', '24.11. 12:00 nitrate 8 ppm'],
    'a day behind hardness' => ['alk 8 24/11', '24.11. 12:00 alkalinity 8 dKH'],
    'a day behind a water change' => ['wc 40 24/11', '24.11. 12:00 Water change 40 L'],
    'a fraction with its unit' => ['alumina 1 1/2 cups', '25.11. 12:00 Alumina phosphate remover 355 mL'],
    'a fraction before a unit of two words' => ['wc 1 1/2 us gal', '25.11. 12:00 Water change 5.68 L'],
    'glued units' => ['no3 8ppm po4 0.06ppm', '25.11. 12:00 nitrate 8 ppm', '25.11. 12:00 phosphate 0.06 ppm'],
    'glued units of minerals' => [
        'ca 420ppm mg 1350ppm',
        '25.11. 12:00 calcium 420 ppm',
        '25.11. 12:00 magnesium 1,350 ppm',
    ],
    'glued hardness' => ['alk 8.2dkh ca 420ppm', '25.11. 12:00 alkalinity 8.2 dKH', '25.11. 12:00 calcium 420 ppm'],
    'glued degrees' => ['temp 25c no3 8', '25.11. 12:00 temperature 25 °C', '25.11. 12:00 nitrate 8 ppm'],
    'figures first' => ['8.5 no3 0.06 po4', '25.11. 12:00 nitrate 8.5 ppm', '25.11. 12:00 phosphate 0.06 ppm'],
    'a test done again' => ['no3 13 14', '25.11. 12:00 nitrate 13 ppm', '25.11. 12:00 nitrate 14 ppm'],
    'minerals without units' => ['ca 420 mg 1350', '25.11. 12:00 calcium 420 ppm', '25.11. 12:00 magnesium 1,350 ppm'],
    'none made' => ['water change 0 l', '25.11. 12:00 No water change made'],
    'none made yesterday' => ['skipped wc yesterday', '24.11. 12:00 No water change made'],
    'stopped' => ['spirit stopped', '25.11. 12:00 Organic carbon stopped, spirit'],
]);

it('asks what it cannot tell, and each answer can be kept', function (string $line, string ...$instead): void {
    $understood = phoneLine($line);
    expect($understood->mayBeSaved())->toBeFalse($line)->and($understood->problems[0]->instead)->toBe($instead);
    foreach ($instead as $other) {
        expect(phoneLine($other)->problems)->toBe([], $other);
    }
})->with([
    ['no3 8 12/11', 'no3 8 2026-11-12', 'no3 8 2025-12-11'],
    ['wc 40 3/4', 'wc 40 2026-04-03', 'wc 40 2026-03-04'],
    ['no3 8 20.11', 'no3 8 20 nov', 'no3 8, no3 20.11'],
    ['no3 8 10.30', 'no3 8 10:30', 'no3 8, no3 10.30'],
    ['no3 8.5 9.30', 'no3 8.5 09:30', 'no3 8.5, no3 9.30'],
    ['no3 12 5', 'no3 12.5', 'no3 12, no3 5'],
]);

it('takes no fraction for a reading, and parts of one thing alone for one', function (): void {
    expect(phoneLine('no3 1/2')->mayBeSaved())->toBeFalse()
        ->and(Decimal::parse('1 3/16')->value)->toBe(1.1875)
        ->and(fn () => Decimal::parse('24/11'))->toThrow(InvalidQuantity::class)
        ->and(fn () => Decimal::parse('8/4'))->toThrow(InvalidQuantity::class);
});

it('writes out that none was made, once a week', function (): void {
    $none = phoneLine('no water changes from 2026-04-01 to 2026-06-01')->entries;
    expect($none)->toHaveCount(9);
    foreach ($none as $entry) {
        assert($entry->payload instanceof WaterChange);
        expect($entry->payload->changedLitres)->toBe(0.0)
            ->and(phoneLine($entry->payload->line())->entries[0]->payload)->toEqual($entry->payload);
    }
    $stopped = phoneLine('vinegar stopped')->entries[0]->payload;
    assert($stopped instanceof CarbonDose);
    expect($stopped->millilitres)->toBe(0.0)->and($stopped->caution())->toBeNull()
        ->and(phoneLine($stopped->line())->entries[0]->payload)->toEqual($stopped);
});
