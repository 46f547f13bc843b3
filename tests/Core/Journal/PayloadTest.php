<?php

declare(strict_types=1);

use Ithys\Journal\CarbonDose;
use Ithys\Journal\CarbonSource;
use Ithys\Journal\Caution;
use Ithys\Journal\Entry;
use Ithys\Journal\EntryKind;
use Ithys\Journal\Feed;
use Ithys\Journal\Food;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge;
use Ithys\Journal\Note;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod;
use Ithys\Journal\Place;
use Ithys\Journal\Reading;
use Ithys\Journal\SkimmerSwitch;
use Ithys\Journal\SockChange;
use Ithys\Journal\StoredPayload;
use Ithys\Journal\WaterChange;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Basis;
use Ithys\Water\Nutrient;

dataset('payloads', [
    'reading' => fn () => Reading::of(Nutrient::Nitrate, 8.5, step: 0.1, cloudy: true, method: 'colour comparison'),
    'reading below the limit, by phosphorus' => fn () => Reading::of(
        Nutrient::Phosphate,
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
    'skimmer on' => fn () => new SkimmerSwitch(true),
    'skimmer off' => fn () => new SkimmerSwitch(false),
    'photoperiod' => fn () => Photoperiod::of(9.5),
    'dose' => fn () => CarbonDose::of(CarbonSource::Vinegar, 12),
    'note' => fn () => Note::of('lid leaked'),
]);

it('comes back from storage the same', function (Payload $payload): void {
    $stored = json_decode((string) json_encode($payload->toArray()), true);
    expect($payload->kind()->payload($stored))->toEqual($payload);
})->with('payloads');

it('has words in both unit systems', function (Payload $payload): void {
    foreach (UnitSystem::cases() as $units) {
        expect($payload->summary($units))->not->toBe('');
    }
})->with('payloads');

it('says what it is in a keeper\'s words', function (Payload $payload, string $metric, string $us): void {
    expect($payload->summary(UnitSystem::Metric))->toBe($metric)
        ->and($payload->summary(UnitSystem::Us))->toBe($us);
})->with([
    [fn () => WaterChange::of(22), 'Water change 22 L', 'Water change 5.81 US gal'],
    [
        fn () => MediaCharge::litres(Medium::Alumina, 1.4, Place::Bag),
        'Alumina phosphate remover 1.4 L, bag',
        'Alumina phosphate remover 0.37 US gal, bag',
    ],
    [fn () => MediaCharge::grams(Medium::ActivatedCarbon, 60.5), 'Activated carbon 60.5 g', 'Activated carbon 60.5 g'],
    [
        fn () => Reading::of(Nutrient::Phosphate, 0.02, belowLimit: true),
        'phosphate below 0.02 ppm',
        'phosphate below 0.02 ppm',
    ],
    [fn () => Feed::of(1), 'Fed 1 g', 'Fed 1 g'],
]);

it('refuses amounts no tank takes', function (Closure $make, string $bounds): void {
    expect($make)->toThrow(InvalidEntry::class, $bounds);
})->with([
    [fn () => Reading::of(Nutrient::Nitrate, -0.1), 'between 0 ppm and 500 ppm'],
    [fn () => Reading::of(Nutrient::Nitrate, 120, Basis::Element), 'between 0 ppm and 500 ppm'],
    [fn () => Reading::of(Nutrient::Phosphate, NAN), 'between 0 ppm and 25 ppm'],
    [fn () => Reading::of(Nutrient::Phosphate, INF), 'between 0 ppm and 25 ppm'],
    [fn () => SockChange::of(0), 'between 1 and 5'],
    [fn () => MediaCharge::grams(Medium::Gfo, 0), 'between 0.1 g and 50,000 g'],
    [fn () => MediaCharge::litres(Medium::Gfo, 400), 'between 0.001 L and 100 L'],
    [fn () => WaterChange::of(0), 'between 0.1 L and 50,000 L'],
    [fn () => Feed::of(-1), 'between 0.01 g and 5,000 g'],
    [fn () => Photoperiod::of(24.5), 'between 0 h and 24 h'],
    [fn () => CarbonDose::of(CarbonSource::Spirit, 5000), 'between 0.01 mL and 2,000 mL'],
    [fn () => Note::of('  '), 'between 1 characters'],
    [fn () => Note::of(str_repeat('x', 501)), '500 characters'],
]);

it('refuses stored data that does not fit its kind', function (EntryKind $kind, array $data, string $why): void {
    expect(fn () => $kind->payload($data))->toThrow(InvalidEntry::class, $why);
})->with([
    [EntryKind::Reading, [], 'no “nutrient”'],
    [EntryKind::Reading, ['nutrient' => 'kh', 'mgPerLitre' => 8], '“kh” is not a known nutrient'],
    [EntryKind::Reading, ['nutrient' => 'no3', 'mgPerLitre' => 'eight'], 'no “mgPerLitre”'],
    [EntryKind::MediaCharge, ['medium' => 'sand', 'grams' => 3], '“sand” is not a known medium'],
    [EntryKind::MediaCharge, ['medium' => 'gfo'], 'no “litres”'],
    [EntryKind::WaterChange, ['litres' => null], 'no “litres”'],
    [EntryKind::CarbonDose, ['source' => 'sugar', 'millilitres' => 1], '“sugar” is not a known carbon source'],
    [EntryKind::Note, ['text' => 3], 'no “text”'],
]);

it('counts readings and notes as no lever, all else as one', function (): void {
    $levers = array_filter(EntryKind::cases(), fn (EntryKind $kind): bool => $kind->isLever());
    expect(count($levers))->toBe(count(EntryKind::cases()) - 2)
        ->and(EntryKind::Reading->isLever())->toBeFalse()
        ->and(EntryKind::Note->isLever())->toBeFalse();
});

it('holds a phosphorus reading as the ion', function (): void {
    $reading = Reading::of(Nutrient::Phosphate, 0.02, Basis::Element, 0.001);
    expect($reading->mgPerLitre)->toAgreeWith(0.02 * Nutrient::Phosphate->ionPerElement())
        ->and($reading->step)->toAgreeWith(0.001 * Nutrient::Phosphate->ionPerElement())
        ->and($reading->basis)->toBe(Basis::Element);
});

it('warns where the trade warns, and only there', function (Payload $payload, ?string $word): void {
    $caution = Caution::before($payload);
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
    expect((new Entry($noon->modify('+36 hours'), new SkimmerSwitch(true)))->daysAfter($noon))->toBe(1.5)
        ->and((new Entry($noon->modify('-1 day'), new SkimmerSwitch(true)))->daysAfter($noon))->toBe(-1.0);
});

it('refuses by name what it does not know in stored data, rather than guess', function (
    EntryKind $kind,
    array $data,
    string $words,
): void {
    expect(fn () => $kind->payload($data))->toThrow(InvalidEntry::class, $words);
})->with([
    'a basis, which would be a factor of three' => [
        EntryKind::Reading,
        ['nutrient' => 'po4', 'mgPerLitre' => 0.06, 'basis' => 'phosphor'],
        '“phosphor” is not a known basis.',
    ],
    'a place' => [
        EntryKind::MediaCharge,
        ['medium' => 'gfo', 'grams' => 80.0, 'place' => 'attic'],
        '“attic” is not a known place.',
    ],
    'a food' => [EntryKind::Feed, ['grams' => 2.0, 'food' => 'cheese'], '“cheese” is not a known food.'],
]);

it('reads what was stored before places, foods and bases were kept', function (): void {
    expect(EntryKind::Reading->payload(['nutrient' => 'po4', 'mgPerLitre' => 0.06])->basis)->toBe(Basis::Ion)
        ->and(EntryKind::Feed->payload(['grams' => 2.0, 'food' => null])->food)->toBeNull()
        ->and(EntryKind::MediaCharge->payload(['medium' => 'gfo', 'grams' => 80.0])->place)->toBeNull();
});

it('says of which version a stored entry is, and refuses a newer one', function (): void {
    $stored = StoredPayload::of(Feed::of(2.5, Food::Pellet));
    expect($stored['schema'])
        ->toBe(1)
        ->and(EntryKind::Feed->payload($stored))
        ->toEqual(Feed::of(2.5, Food::Pellet))
        ->and(fn () => EntryKind::Feed->payload([...$stored, 'schema' => 2]))
        ->toThrow(InvalidEntry::class, '“2” is not a known version of an entry.');
});
