<?php

declare(strict_types=1);

use Ithys\Effect\Evidence;
use Ithys\Effect\Observation;
use Ithys\Effect\Question;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

/** @param  array<int, Payload>  $byDay */
function evidence(
    array $byDay,
    ?Payload $change = null,
    Parameter $nutrient = Parameter::Nitrate,
    int $nowDay = 100,
): Evidence {
    $start = new DateTimeImmutable('2026-06-01 12:00Z');
    $picked = new Entry($start, $change ?? SockChange::of(), 1);
    $journal = [$picked];
    foreach ($byDay as $day => $payload) {
        $journal[] = new Entry($start->modify("{$day} days"), $payload);
    }
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

    return Evidence::gather(
        new Question($picked, $nutrient, 200, $start->modify("{$nowDay} days"), 28),
        $journal,
    );
}

it('keeps readings of the nutrient asked about, inside the window and not of tomorrow', function (): void {
    $found = evidence([
        -40 => Reading::of(Parameter::Nitrate, 1),
        -10 => Reading::of(Parameter::Nitrate, 2),
        -5 => Reading::of(Parameter::Phosphate, 0.3),
        5 => Reading::of(Parameter::Nitrate, 4),
        12 => Reading::of(Parameter::Nitrate, 5),
        40 => Reading::of(Parameter::Nitrate, 6),
    ], nowDay: 10);
    expect(array_map(fn (Observation $o): float => $o->mgPerLitre, $found->observations))->toBe([2.0, 4.0])
        ->and($found->before())->toBe(1)
        ->and($found->after())->toBe(1);
});

it('turns water changes into shares of the working volume, never more than all', function (): void {
    $found = evidence([-3 => WaterChange::of(20), 4 => WaterChange::of(900)]);
    expect($found->dilutions[0]->share)->toBe(0.1)
        ->and($found->dilutions[1]->share)->toBe(1.0);
});

it('counts a reading below the limit as half of it', function (): void {
    $found = evidence(
        [-3 => Reading::of(Parameter::Phosphate, 0.02, belowLimit: true)],
        nutrient: Parameter::Phosphate,
    );
    expect($found->observations[0]->mgPerLitre)->toBe(0.01)->and($found->observations[0]->belowLimit)->toBeTrue();
});

it('takes the coarser of the written step and the smallest gap for the resolution', function (
    array $figures,
    float $step,
    float $resolution,
): void {
    $days = [];
    foreach ($figures as $i => $figure) {
        $days[-20 + $i] = Reading::of(Parameter::Nitrate, $figure, step: $step);
    }
    expect(evidence($days)->resolution())->toAgreeWith($resolution, 1e-9);
})->with([
    'a fine kit' => [[8.0, 8.1, 8.3], 0.1, 0.1],
    'halves, written with tenths' => [[8.0, 8.5, 9.0], 0.1, 0.5],
    'always the same' => [[8.0, 8.0, 8.0], 0.5, 0.5],
    'no step known' => [[8.0, 8.25], 0.0, 0.25],
]);

it('knows the usual days between readings', function (): void {
    $days = [-20, -16, -12, -11, -4, 3];
    expect(evidence(array_map(fn (): Reading => Reading::of(Parameter::Nitrate, 8), array_flip($days)))->spacing())
        ->toBe(4.0)
        ->and(evidence([])->spacing())
        ->toBe(7.0);
});

it('has a level from before the change, or from what there is', function (): void {
    $reading = fn (float $figure): Reading => Reading::of(Parameter::Nitrate, $figure);
    expect(evidence([-4 => $reading(8), -2 => $reading(10), 5 => $reading(2)])->level())->toBe(9.0)
        ->and(evidence([5 => $reading(2), 6 => $reading(4)])->level())->toBe(3.0)
        ->and(evidence([])->level())->toBe(0.0);
});

it('waits for algae longer than for media', function (): void {
    $daily = array_map(fn (): Reading => Reading::of(Parameter::Nitrate, 8), array_flip(range(-6, 6)));
    expect(evidence($daily, SockChange::of())->settling)->toBe(0)
        ->and(evidence($daily, MediaCharge::grams(Medium::Resin, 50))->settlingDays)->toBe(1.0)
        ->and(evidence($daily, Photoperiod::of(8))->settling)->toBe(2)
        ->and(evidence($daily, Photoperiod::of(8))->daysFromKnot()[0])->toBe(-9.0);
});

it('stops at another phosphate charge on either side', function (): void {
    $charge = MediaCharge::grams(Medium::Alumina, 300);
    $days = array_map(fn (): Reading => Reading::of(Parameter::Phosphate, 0.08), array_flip(range(-27, 27, 3)));
    expect(evidence($days + [-100 => $charge], nutrient: Parameter::Phosphate)->beyondCharge)->toBe(0);
    $found = evidence($days + [-14 => $charge, 16 => $charge], nutrient: Parameter::Phosphate);
    expect($found->beyondCharge)
        ->toBe(9)
        ->and($found->lastDay)
        ->toBe(16.0)
        ->and($found->before() + $found->after() + $found->beyondCharge)
        ->toBe(19);
    expect(
        evidence(array_map(fn () => Reading::of(Parameter::Nitrate, 8), $days) + [-14 => $charge])->beyondCharge,
    )->toBe(0);
});

it('keeps to the method that was in use at the change', function (): void {
    $by = fn (string $method): Reading => Reading::of(Parameter::Nitrate, 8, method: $method);
    $found = evidence([
        -20 => $by('a'),
        -15 => $by('b'),
        -10 => $by('b'),
        4 => $by('b'),
        8 => $by('c'),
        12 => $by('b'),
    ]);
    expect($found->before())->toBe(2)->and($found->after())->toBe(1)->and($found->otherMethod)->toBe(3);
});
