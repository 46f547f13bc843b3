<?php

declare(strict_types=1);

use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\Lane;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

it('has one lane for every kind of entry but readings, and for every medium', function (): void {
    $keys = array_map(fn (Lane $lane): string => $lane->key, Kinds::lanes());
    $wanted = [
        ...array_map(fn (Medium $medium): string => $medium->value, Medium::cases()),
        // A word, a new kit and a first hour stand among the notes, a time off on the lane of its device.
        ...array_diff(array_keys(Kinds::all()), ['reading', 'media', 'routine', 'chore', 'kit', 'first-hour', 'spell']),
        // The light of the display stands below that of the refugium.
        'light',
    ];
    expect($keys)->toEqualCanonicalizing($wanted);
});

it('puts an entry into the lane of its lever, with its amount', function (): void {
    $amount = fn (Payload $payload): ?float => $payload->mark(200.0)->amount;
    expect(MediaCharge::grams(Medium::Alumina, 90)->lane())->toBe('alumina')
        ->and(SockChange::of(4)->lane())->toBe('sock')
        ->and($amount(SockChange::of(4)))->toBe(4.0)
        ->and($amount(SockChange::of()))->toBeNull()
        ->and($amount(Feed::of(2.5)))->toBe(2.5)
        ->and($amount(Photoperiod::of(9)))->toBe(9.0)
        ->and([$amount(SkimmerSwitch::of(true)), $amount(SkimmerSwitch::of(false))])->toBe([1.0, 0.0])
        ->and(said(WaterChange::of(20)->mark(200.0)->label))->toBe('10%')
        ->and(WaterChange::of(20)->mark(200.0)->use)->toBe(0.1);
});

it('gives a unit to the rates of every lever that is shown as rates', function (): void {
    foreach (Kinds::all() as $kind) {
        foreach ($kind->lanes() as $lane) {
            expect($lane->rateUnit !== '')->toBe($kind->lever()?->usage !== null, $lane->key);
        }
    }
});

it('asks for the effect of every lever but of what is routine', function (): void {
    $asked = array_keys(array_filter(Kinds::all(), fn (Kind $kind): bool => $kind->lever()?->isJudged === true));
    expect($asked)->toEqualCanonicalizing([
        'binder', 'dose-plan', 'equipment', 'feed-plan', 'livestock', 'media', 'media-out', 'photoperiod', 'skimmer',
        'renewal', 'stock',
    ]);
});

it('counts readings and notes as no lever, all else as one', function (): void {
    $none = array_keys(array_filter(Kinds::all(), fn (Kind $kind): bool => $kind->lever() === null));
    expect($none)->toBe(['chore', 'reading', 'kit', 'routine', 'first-hour', 'note']);
});

it('makes of each kind what its key says, and of no two kinds the same phrase', function (): void {
    $words = [];
    foreach (Kinds::all() as $key => $kind) {
        expect($kind->key())->toBe($key)->and($kind->phrases())->not->toBe([]);
        foreach ($kind->phrases() as $phrase) {
            array_push($words, ...$phrase->words());
        }
    }
    expect(array_unique($words))->toBe($words);
});
