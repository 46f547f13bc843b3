<?php

declare(strict_types=1);

use Ithys\Effect\Observation;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\UndilutedSeries;

it('is the plain amount where no water is changed', function (): void {
    $series = UndilutedSeries::of([new Observation(0, 8), new Observation(4, 9), new Observation(9, 7.5)], [], 200);
    expect($series->milligrams)->toBe([1600.0, 1800.0, 1500.0])
        ->and($series->removed)->toBe([0.0, 0.0, 0.0]);
});

it('adds back what a change took out', function (): void {
    // 10 mg/L, half changed at day 5, 5 mg/L: nothing came in, and 1000 mg went down the drain.
    $series = UndilutedSeries::of([new Observation(0, 10), new Observation(10, 5)], [new Dilution(5, 0.5)], 200);
    expect($series->milligrams)->toBe([2000.0, 2000.0])
        ->and($series->removed)->toBe([0.0, 1000.0]);
});

it('counts nutrients the new water brings', function (): void {
    // 10 mg/L, half changed with water of 2 mg/L: 6 mg/L is left without any input.
    $series = UndilutedSeries::of([new Observation(0, 10), new Observation(10, 6)], [new Dilution(5, 0.5)], 200, 2.0);
    expect($series->milligrams[1])->toAgreeWith(2000.0, 1e-13);
});

it('takes a reading at the moment of a change for one taken before it', function (): void {
    $readings = [new Observation(0, 10), new Observation(5, 10), new Observation(10, 5)];
    $series = UndilutedSeries::of($readings, [new Dilution(5, 0.5)], 200);
    expect($series->removed)->toBe([0.0, 0.0, 1000.0]);
});

it('ignores changes before the first reading and after the last', function (): void {
    $series = UndilutedSeries::of(
        [new Observation(0, 10), new Observation(5, 10)],
        [new Dilution(-3, 0.5), new Dilution(6, 0.5)],
        200,
    );
    expect($series->milligrams)->toBe([2000.0, 2000.0]);
});

it('bears several readings of one moment and several changes in one gap', function (): void {
    $readings = [new Observation(0, 10), new Observation(0, 10.4), new Observation(9, 5.1)];
    $series = UndilutedSeries::of($readings, [new Dilution(2, 0.3), new Dilution(2, 0.1), new Dilution(7, 0.2)], 100);
    expect($series->milligrams[0])->toBe(1000.0)
        ->and($series->milligrams[1])->toBe(1040.0)
        ->and($series->milligrams[2] - $series->removed[2])->toAgreeWith(510.0, 1e-13)
        ->and($series->removed[2])->toBeGreaterThan(400.0);
});

it('survives a change of all the water', function (): void {
    $series = UndilutedSeries::of([new Observation(0, 10), new Observation(4, 1)], [new Dilution(2, 1.0)], 100);
    // All gone at day 2, then 0.5 mg/L a day; the same rate before, so 11 mg/L went out.
    expect($series->removed[1])->toAgreeWith(1100.0, 1e-13)
        ->and($series->milligrams[1])->toAgreeWith(1200.0, 1e-13);
});

it('does not depend on how the readings are cut when the input is steady', function (): void {
    $level = fn (float $day): float => $day <= 5 ? 4 + 0.6 * $day : (4 + 3.0) * 0.75 + 0.6 * ($day - 5);
    $few = UndilutedSeries::of(
        [new Observation(0, $level(0)), new Observation(10, $level(10))],
        [new Dilution(5, 0.25)],
        100,
    );
    $many = UndilutedSeries::of(
        array_map(fn (int $d): Observation => new Observation($d, $level($d)), range(0, 10)),
        [new Dilution(5, 0.25)],
        100,
    );
    expect($many->milligrams[10])->toAgreeWith($few->milligrams[1], 1e-13);
});
