<?php

declare(strict_types=1);

use Ithys\Journal\EntryKind;
use Ithys\Journal\Feed;
use Ithys\Journal\Lane;
use Ithys\Journal\LeverRate;
use Ithys\Journal\MediaCharge;
use Ithys\Journal\Photoperiod;
use Ithys\Journal\SkimmerSwitch;
use Ithys\Journal\SockChange;
use Ithys\Media\Medium;

it('has one lane for every kind of entry but readings, and for every medium', function (): void {
    $keys = array_map(fn (Lane $lane): string => $lane->key, Lane::all());
    $wanted = [
        ...array_map(fn (Medium $medium): string => $medium->value, Medium::cases()),
        ...array_map(
            fn (EntryKind $kind): string => $kind->value,
            array_filter(
                EntryKind::cases(),
                fn (EntryKind $kind): bool => ! in_array($kind, [EntryKind::Reading, EntryKind::MediaCharge], true),
            ),
        ),
    ];
    expect($keys)->toEqualCanonicalizing($wanted);
});

it('puts an entry into the lane of its lever, with its amount', function (): void {
    expect(Lane::keyOf(MediaCharge::grams(Medium::Alumina, 90)))->toBe('alumina')
        ->and(Lane::keyOf(SockChange::of(4)))->toBe('sock')
        ->and(Lane::amount(SockChange::of(4)))->toBe(4.0)
        ->and(Lane::amount(SockChange::of()))->toBeNull()
        ->and(Lane::amount(Feed::of(2.5)))->toBe(2.5)
        ->and(Lane::amount(Photoperiod::of(9)))->toBe(9.0)
        ->and([Lane::amount(new SkimmerSwitch(true)), Lane::amount(new SkimmerSwitch(false))])->toBe([1.0, 0.0]);
});

it('gives a unit to the rates of every lever that is shown as rates', function (): void {
    foreach (Lane::all() as $lane) {
        $kind = EntryKind::tryFrom($lane->key);
        expect($lane->rateUnit !== '')->toBe($kind !== null && LeverRate::suits($kind), $lane->key);
    }
});

it('asks for the effect of every lever but a single feeding', function (): void {
    $asked = array_values(array_filter(EntryKind::cases(), fn (EntryKind $kind): bool => $kind->isJudged()));
    expect($asked)
        ->not->toContain(EntryKind::Feed)
        ->not->toContain(EntryKind::Reading)
        ->not->toContain(EntryKind::Note)
        ->toContain(EntryKind::MediaCharge)
        ->toContain(EntryKind::SockChange);
});
