<?php

declare(strict_types=1);

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kinds;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\StoredPayload;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;

dataset('payloads', [
    'reading' => fn () => Reading::of(Parameter::Nitrate, 8.5, step: 0.1, cloudy: true, method: 'colour comparison'),
    'reading below the limit, by phosphorus' => fn () => Reading::of(
        Parameter::Phosphate,
        0.01,
        Basis::Element,
        0.001,
        belowLimit: true,
    ),
    'sock' => fn () => SockChange::of(4),
    'sock, not scored' => fn () => SockChange::of(),
    'charge by mass' => fn () => MediaCharge::grams(Medium::Gfo, 85, Place::Reactor),
    'charge by volume' => fn () => MediaCharge::litres(Medium::Alumina, 0.7),
    'water change' => fn () => WaterChange::of(22),
    'feed' => fn () => Feed::of(2.6, Food::Pellet),
    'feed of an unnamed kind' => fn () => Feed::of(1),
    'skimmer on' => fn () => SkimmerSwitch::of(true),
    'skimmer off' => fn () => SkimmerSwitch::of(false),
    'photoperiod' => fn () => Photoperiod::of(9.5),
    'dose' => fn () => CarbonDose::of(CarbonSource::Vinegar, 12),
    'note' => fn () => Note::of('lid leaked'),
]);

it('comes back from storage the same', function (Payload $payload): void {
    $stored = json_decode((string) json_encode($payload->toArray()), true);
    expect(Kinds::payload($payload->kind()->key(), ['schema' => 2, ...$stored]))->toEqual($payload);
})->with('payloads');

it('has words in both unit systems', function (Payload $payload): void {
    foreach (UnitSystem::cases() as $units) {
        expect(said($payload->summary(), $units))->not->toBe('');
    }
})->with('payloads');

it('says what it is in a keeper\'s words', function (Payload $payload, string $metric, string $us): void {
    expect(said($payload->summary()))->toBe($metric)
        ->and(said($payload->summary(), UnitSystem::Us))->toBe($us);
})->with([
    [fn () => WaterChange::of(22), 'Water change 22 L', 'Water change 5.81 US gal'],
    [
        fn () => MediaCharge::litres(Medium::Alumina, 1.4, Place::Bag),
        'Alumina phosphate remover 1.4 L, bag',
        'Alumina phosphate remover 0.37 US gal, bag',
    ],
    [fn () => MediaCharge::grams(Medium::ActivatedCarbon, 60.5), 'Activated carbon 60.5 g', 'Activated carbon 2.13 oz'],
    [
        fn () => Reading::of(Parameter::Phosphate, 0.02, belowLimit: true),
        'phosphate below 0.02 ppm',
        'phosphate below 0.02 ppm',
    ],
    [fn () => Feed::of(1), 'Fed 1 g', 'Fed 0.04 oz'],
]);

it('refuses amounts no tank takes', function (Closure $make, string $bounds): void {
    expect($make)->toThrow(InvalidEntry::class, $bounds);
})->with([
    [fn () => Reading::of(Parameter::Nitrate, -0.1), 'between 0 ppm and 500 ppm'],
    [fn () => Reading::of(Parameter::Nitrate, 120, Basis::Element), 'between 0 ppm and 500 ppm'],
    [fn () => Reading::of(Parameter::Phosphate, NAN), 'between 0 ppm and 25 ppm'],
    [fn () => Reading::of(Parameter::Phosphate, INF), 'between 0 ppm and 25 ppm'],
    [fn () => SockChange::of(0), 'between 1 and 5'],
    [fn () => MediaCharge::grams(Medium::Gfo, 0), 'between 0.1 g and 50 kg'],
    [fn () => MediaCharge::litres(Medium::Gfo, 400), 'between 0.001 L and 100 L'],
    [fn () => WaterChange::of(0.05), 'between 0.1 L and 50,000 L'],
    [fn () => Feed::of(-1), 'between 0.001 g and 5 kg'],
    [fn () => Photoperiod::of(24.5), 'between 0 h and 24 h'],
    [fn () => CarbonDose::of(CarbonSource::Spirit, 5000), 'between 0.01 mL and 2,000 mL'],
    [fn () => Note::of('  '), 'between 1 and 500'],
    [fn () => Note::of(str_repeat('x', 501)), 'between 1 and 500'],
]);

it('refuses stored data that does not fit its kind', function (string $kind, array $data, string $why): void {
    expect(fn () => Kinds::payload($kind, $data))->toThrow(InvalidEntry::class, $why);
})->with([
    ['reading', [], 'no “parameter”'],
    ['reading', ['nutrient' => 'kh', 'mgPerLitre' => 8], '“kh” is not a known parameter'],
    ['reading', ['nutrient' => 'no3', 'mgPerLitre' => 'eight'], 'no “value”'],
    ['media', ['medium' => 'sand', 'grams' => 3], '“sand” is not a known medium'],
    ['media', ['medium' => 'gfo'], 'no “litres”'],
    ['water', ['litres' => null], 'no “litres”'],
    ['dose', ['source' => 'sugar', 'millilitres' => 1], '“sugar” is not a known carbon source'],
    ['note', ['text' => 3], 'no “text”'],
]);

it('holds a phosphorus reading as the ion', function (): void {
    $reading = Reading::of(Parameter::Phosphate, 0.02, Basis::Element, 0.001);
    expect($reading->value)->toAgreeWith(0.02 * Parameter::Phosphate->ionPerElement())
        ->and($reading->step)->toAgreeWith(0.001 * Parameter::Phosphate->ionPerElement())
        ->and($reading->basis)->toBe(Basis::Element);
});

it('warns where the trade warns, and only there', function (Payload $payload, ?string $word): void {
    $caution = $payload->caution();
    $word === null ? expect($caution)->toBeNull() : expect($caution)->toContain($word);
})->with([
    [fn () => MediaCharge::grams(Medium::Gfo, 20), 'fast drop in phosphate'],
    [fn () => MediaCharge::grams(Medium::Alumina, 20), 'fast drop in phosphate'],
    [fn () => MediaCharge::grams(Medium::Zeolite, 20), 'never industrial'],
    [fn () => MediaCharge::grams(Medium::Resin, 20), null],
    [fn () => CarbonDose::of(CarbonSource::Spirit, 1), 'oxygen'],
    [fn () => SockChange::of(), 'bleach'],
    [fn () => WaterChange::of(10), null],
]);

it('counts days from one entry to another', function (): void {
    $noon = new DateTimeImmutable('2026-03-04 12:00Z');
    expect((new Entry($noon->modify('+36 hours'), SkimmerSwitch::of(true)))->daysAfter($noon))->toBe(1.5)
        ->and((new Entry($noon->modify('-1 day'), SkimmerSwitch::of(true)))->daysAfter($noon))->toBe(-1.0);
});

it('refuses by name what it does not know in stored data, rather than guess', function (
    string $kind,
    array $data,
    string $words,
): void {
    expect(fn () => Kinds::payload($kind, $data))->toThrow(InvalidEntry::class, $words);
})->with([
    'a basis, which would be a factor of three' => [
        'reading',
        ['nutrient' => 'po4', 'mgPerLitre' => 0.06, 'basis' => 'phosphor'],
        '“phosphor” is not a known basis.',
    ],
    'a place' => [
        'media',
        ['medium' => 'gfo', 'grams' => 80.0, 'place' => 'attic'],
        '“attic” is not a known place.',
    ],
    'a food' => ['feed', ['grams' => 2.0, 'food' => 'cheese'], '“cheese” is not a known food.'],
]);

it('reads what was stored before places, foods and bases were kept', function (): void {
    expect(Kinds::payload('reading', ['nutrient' => 'po4', 'mgPerLitre' => 0.06])->basis)->toBe(Basis::Ion)
        ->and(Kinds::payload('feed', ['grams' => 2.0, 'food' => null])->food)->toBeNull()
        ->and(Kinds::payload('media', ['medium' => 'gfo', 'grams' => 80.0])->place)->toBeNull();
});

it('says of which version a stored entry is, and refuses a newer one', function (): void {
    $stored = StoredPayload::of(Feed::of(2.5, Food::Pellet));
    expect($stored['schema'])
        ->toBe(2)
        ->and(Kinds::payload('feed', $stored))
        ->toEqual(Feed::of(2.5, Food::Pellet))
        ->and(fn () => Kinds::payload('feed', [...$stored, 'schema' => 3]))
        ->toThrow(InvalidEntry::class, '“3” is not a known version of an entry.');
});

it('lifts a reading that was stored as a nutrient in mg/L', function (): void {
    expect(Kinds::payload('reading', ['nutrient' => 'po4', 'mgPerLitre' => 0.06, 'basis' => 'element', 'step' => 0.01]))
        ->toEqual(Kinds::payload('reading', [
            'schema' => 2,
            'parameter' => 'po4',
            'value' => 0.06,
            'basis' => 'element',
            'step' => 0.01,
        ]))
        ->and(fn () => Kinds::named('sermon'))
        ->toThrow(InvalidEntry::class, '“sermon” is not a known kind of entry.');
});
