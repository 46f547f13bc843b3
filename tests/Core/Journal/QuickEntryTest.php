<?php

declare(strict_types=1);

use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\QuickEntry\Chip;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Examples;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\QuickEntry\Understood;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Reading;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;

function understand(string $line, UnitSystem $units = UnitSystem::Metric): Understood
{
    return QuickEntry::read(
        $line,
        new Context(new DateTimeImmutable('2026-11-25 09:30:20', new DateTimeZone('Europe/Berlin')), $units, 350),
    );
}

/** @return list<string> */
function chips(string $line, UnitSystem $units = UnitSystem::Metric): array
{
    return array_map(fn (Chip $chip): string => $chip->text, understand($line, $units)->chips);
}

it('understands what was read and done', function (string $line, array $chips): void {
    $understood = understand($line);
    expect($understood->problems)->toBe([])
        ->and($understood->mayBeSaved())->toBeTrue()
        ->and(array_slice(chips($line), 0, -1))->toBe($chips);
})->with([
    ['no3 8.5 po4 0.06', ['nitrate 8.5 ppm', 'phosphate 0.06 ppm']],
    ['NO3=8,5; phosphate: 0.1', ['nitrate 8.5 ppm', 'phosphate 0.1 ppm']],
    ['po4 <0.02', ['phosphate below 0.02 ppm']],
    ['po4-p 18 ppb', ['phosphate 0.055 ppm']],
    ['no3 8.5 and sock changed', ['nitrate 8.5 ppm', 'Sock changed']],
    ['gfo 120 g reactor', ['GFO 120 g, reactor']],
    ['gfo 120g in the reactor', ['GFO 120 g, reactor']],
    ['alumina 1 1/2 cups bag', ['Alumina phosphate remover 355 mL, bag']],
    ['carbon 60 g', ['Activated carbon 60 g']],
    ['activated carbon 200 ml canister', ['Activated carbon 200 mL, canister']],
    ['sock changed', ['Sock changed']],
    ['changed socks soiling 4', ['Sock changed, soiling 4 of 5']],
    ['water change 40 l', ['Water change 40 L']],
    ['wc 10 %', ['Water change 35 L']],
    ['wc 10%', ['Water change 35 L']],
    ['water change 10 imp gal', ['Water change 45.5 L']],
    ['fed 6 g pellet', ['Fed 6 g pellet']],
    ['fed pellets 6 g', ['Fed 6 g pellet']],
    ['fed 2 cubes', ['Fed 7 g frozen, 2 cubes']],
    ['skimmer off refugium 8 h', ['Skimmer off', 'Refugium light 8 h a day']],
    ['vinegar 10 ml', ['Organic carbon, vinegar 10 mL']],
    ['note lid leaked again', ['lid leaked again']],
]);

it('knows when', function (string $when, string $utc): void {
    $understood = understand("no3 8.5 {$when}");
    expect($understood->problems)->toBe([])
        ->and($understood->entries[0]->at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i'))->toBe($utc);
})->with([
    ['', '2026-11-25 08:30'],
    ['yesterday', '2026-11-24 11:00'],
    ['yesterday 20:15', '2026-11-24 19:15'],
    ['2026-03-04', '2026-03-04 11:00'],
    ['2026-07-04 20:15', '2026-07-04 18:15'],
    ['3 days ago 20:15', '2026-11-22 19:15'],
    ['2 weeks ago', '2026-11-11 11:00'],
    ['2 hours ago', '2026-11-25 06:30'],
    ['today', '2026-11-25 08:30'],
    ['07:05', '2026-11-25 06:05'],
]);

it('points at what it does not understand, word for word', function (
    string $line,
    string $pointedAt,
    string $sentence,
): void {
    $understood = understand($line);
    expect($understood->mayBeSaved())->toBeFalse()->and($understood->problems)->not->toBe([]);
    $problem = $understood->problems[0];
    expect(mb_substr($line, $problem->start, $problem->end - $problem->start))->toBe($pointedAt)
        ->and($problem->sentence)->toContain($sentence);
})->with([
    ['no3 8.5 phosphte 0.1', 'phosphte 0.1', 'Did you mean “phosphate”?'],
    ['sock dirty but left in', 'sock dirty but left in', 'not understood'],
    ['no3 8 fish look pale', 'fish look pale', 'not understood'],
    ['po4 6', 'po4 6', 'is not what tanks have'],
    ['carbon 5', 'carbon 5', 'Say in what'],
    ['fed 2', 'fed 2', 'Say in what'],
    ['gfo 80 g reactr 32 days ago', 'reactr', '“reactr” was not understood here.'],
    ['po4 nd', 'po4 nd', 'below which the kit shows nothing'],
    ['5 no3 8', '5', 'not understood'],
    ['trüb no3 8.5 xyzzy', 'trüb', 'not understood'],
    ['no3', 'no3', 'Say how much'],
    ['no3 high', 'no3', 'Say how much'],
    ['no3 900', 'no3 900', 'between 0 ppm and 500 ppm'],
    ['no3 -3', 'no3', 'Say how much'],
    ['water change 10 gal', 'water change 10 gal', 'US gal'],
    ['water change 900 l', 'water change 900 l', 'more than the 350 L'],
    ['gfo 120 parsec', 'gfo 120', 'Say in what'],
    ['gfo 20 cm', 'gfo 20 cm', 'measures length'],
    ['carbon 5 ml', 'carbon 5 ml', 'organic carbon'],
    ['no3 3 tomorrow', 'tomorrow', 'not understood'],
    ['no3 3 2027-01-01', '2027-01-01', 'future'],
    ['no3 3 2026-02-30', '2026-02-30', 'no day'],
    ['no3 3 3/4/2026', '3/4/2026', 'day or the month first'],
    ['no3 3 25:10', '25:10', 'not a time of day'],
    ['no3 3 yesterday today', 'today', 'twice'],
    ['cloudy', 'cloudy', 'goes with a reading'],
    ['sock changed soiling 9', 'sock changed soiling 9', 'between 1 and 5'],
    ['skimmer', 'skimmer', 'on” or'],
    ['yesterday', 'yesterday', 'Say what was read or done'],
    ['refugium 30 h', 'refugium 30 h', 'between 0 h and 24 h'],
]);

it('never drops a word: every character of a line is in a chip, a problem or a joining word', function (): void {
    foreach (
        [
            'no3 8.5 po4 0.06 cloudy yesterday 20:15',
            'gfo 120 g reactor foo 3 days ago',
            'bar fed 6 g pellet baz qux',
        ] as $line
    ) {
        $understood = understand($line);
        $covered = array_merge($understood->chips, $understood->problems);
        foreach (preg_split('~ ~', $line, -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$word, $at]) {
            $inside = array_filter(
                $covered,
                fn ($span): bool => $span->start <= $at && $span->end >= $at + strlen($word),
            );
            expect($inside)->not->toBe([], "“{$word}” of “{$line}” is lost");
        }
    }
});

it('keeps basis, step and cloudiness of a reading', function (): void {
    $reading = understand('po4-p 18 ppb cloudy')->entries[0]->payload;
    expect($reading)->toBeInstanceOf(Reading::class);
    assert($reading instanceof Reading);
    expect($reading->basis)->toBe(Basis::Element)->and($reading->cloudy)->toBeTrue()
        ->and($reading->value)->toAgreeWith(0.018 * 94.969761998 / 30.973761998)
        ->and($reading->step)->toAgreeWith(0.001 * 94.969761998 / 30.973761998);
});

it('takes a bare gallon as US where US units are chosen, and says so', function (): void {
    expect(chips('water change 10 gal', UnitSystem::Us)[0])->toBe('Water change 10 US gal');
});

it('warns before what can hurt', function (): void {
    expect(understand('gfo 120 g reactor')->cautions[0])->toContain('fast drop in phosphate')
        ->and(understand('vinegar 10 ml')->cautions[0])->toContain('oxygen')
        ->and(understand('sock changed')->cautions[0])->toContain('never mix bleach')
        ->and(understand('no3 8')->cautions)->toBe([]);
});

it('refuses an endless line', function (): void {
    expect(understand(str_repeat('no3 8 ', 200))->mayBeSaved())->toBeFalse();
});

it('survives any garbage', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(7));
    $pieces = [
        'no3',
        'po4',
        '8.5',
        '1/2',
        '<',
        'g',
        'gal',
        'water',
        'change',
        'gfo',
        '%',
        'ago',
        '3',
        'days',
        "\u{2603}",
        '=',
        ':',
        '10:99',
        '2026-13-01',
        'soiling',
        'fed',
        'cubes',
        'note',
        '9999999999999999',
        ',',
    ];
    for ($i = 0; $i < 400; $i++) {
        $line = implode(
            ' ',
            array_map(fn () => $pieces[$random->getInt(0, count($pieces) - 1)], range(1, $random->getInt(1, 8))),
        );
        $understood = understand($line);
        expect($understood->mayBeSaved() || $understood->problems !== [])->toBeTrue($line);
    }
});

it('shows by examples that it understands', function (UnitSystem $units): void {
    foreach ([...Examples::of($units), Examples::change($units)] as $line) {
        $understood = understand($line, $units);
        expect($understood->problems)->toBe([], $line)->and($understood->mayBeSaved())->toBeTrue($line);
    }
})->with(UnitSystem::cases());

it('names the item of the path that a charge goes into', function (string $line, ?string $item, string $said): void {
    $containers = [
        new Container('bag1', 'Carbon bag', Place::Bag, [Medium::ActivatedCarbon]),
        new Container('bag2', 'Carbon bag two', Place::Bag, [Medium::Resin]),
        new Container('r1', 'GFO reactor', Place::Reactor),
    ];
    $understood = QuickEntry::read($line, new Context(
        new DateTimeImmutable('2026-11-25 09:30', new DateTimeZone('UTC')),
        UnitSystem::Metric,
        350,
        containers: $containers,
    ));
    expect($understood->problems)->toBe([], $line);
    $charge = $understood->entries[0]->payload;
    expect($charge)->toBeInstanceOf(MediaCharge::class)
        ->and($charge->item)->toBe($item)
        ->and(said($charge->summary()))->toBe($said);
})->with([
    'the only reactor' => ['gfo 60 g reactor', 'r1', 'GFO 60 g, GFO reactor'],
    'the bag that holds it' => ['resin 50 g in the bag', 'bag2', 'Resin 50 g, Carbon bag two'],
    'either bag' => ['gfo 60 g bag', null, 'GFO 60 g, bag'],
    'by its name' => ['gfo 60 g in the carbon bag two', 'bag2', 'GFO 60 g, Carbon bag two'],
    'by its shorter name' => ['activated carbon 60 g carbon bag', 'bag1', 'Activated carbon 60 g, Carbon bag'],
    'where there is none' => ['gfo 60 g basket', null, 'GFO 60 g, basket'],
    'nowhere' => ['gfo 60 g', null, 'GFO 60 g'],
]);

it('writes out what was done again and again', function (
    string $line,
    int $times,
    string $first,
    string $last,
): void {
    $understood = understand($line);
    expect($understood->problems)->toBe([])
        ->and($understood->entries)->toHaveCount($times)
        ->and($understood->entries[0]->at->format('Y-m-d H:i'))->toBe($first)
        ->and($understood->entries[$times - 1]->at->format('Y-m-d H:i'))->toBe($last);
})->with([
    ['water change 30 l weekly from 2026-04-01 to 2026-06-01', 9, '2026-04-01 12:00', '2026-05-27 12:00'],
    ['water change 10 % every 14 days from 2026-09-01 until 2026-10-31', 5, '2026-09-01 12:00', '2026-10-27 12:00'],
    ['sock changed every 3.5 days from 2026-11-01 to 2026-11-15 20:00', 5, '2026-11-01 20:00', '2026-11-15 20:00'],
    ['fed 2 g daily from 2026-10-20 to 2026-10-30 18:30', 11, '2026-10-20 18:30', '2026-10-30 18:30'],
    ['sock changed every week from 2026-11-04 to today', 4, '2026-11-04 12:00', '2026-11-25 09:30'],
    ['sock changed weekly from 2026-11-25 to 2026-11-25', 1, '2026-11-25 09:30', '2026-11-25 09:30'],
]);

it('says what it does not write out again and again', function (string $line, string $says): void {
    $understood = understand($line);
    expect($understood->mayBeSaved())->toBeFalse()
        ->and($understood->problems[0]->sentence)->toContain($says);
})->with([
    'a reading' => ['no3 8 weekly from 2026-04-01 to 2026-06-01', 'is what was read on one day'],
    'no days' => ['water change 30 l weekly', 'needs its first and its last day'],
    'no last day' => ['water change 30 l weekly from 2026-04-01', 'needs its first and its last day'],
    'backwards' => ['water change 30 l weekly from 2026-06-01 to 2026-04-01', 'before the first'],
    'no such day' => ['sock changed weekly from 2026-02-30 to 2026-04-01', '2026-02-30'],
    'too many' => ['fed 2 g daily from 2025-01-01 to 2026-01-01', 'one line can hold 200'],
    'tomorrow' => ['water change 30 l daily from 2026-11-20 to 2026-12-20', 'in the future'],
    'two days' => ['water change 30 l weekly from 2026-04-01 to 2026-06-01 yesterday', 'day'],
]);
