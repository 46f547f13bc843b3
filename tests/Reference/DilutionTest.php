<?php

declare(strict_types=1);

use Ithys\Effect\Observation;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\UndilutedSeries;
use Ithys\Water\MixedTank;

// Source: exact fractions; n changes of share f leave (1 - f)^n.
it('leaves what repeated water changes leave', function (float $share, int $times, float $left): void {
    $tank = new MixedTank(100, 1.0);
    for ($i = 0; $i < $times; $i++) {
        $tank = $tank->changed($share);
    }
    expect($tank->mgPerLitre)->toAgreeWith($left, 1e-13);
})->with([
    [0.1, 1, 0.9],
    [0.1, 4, 0.6561],
    [0.2, 4, 0.4096],
    [0.25, 3, 0.421875],
    [0.3, 5, 0.16807],
    [0.1, 52, 0.004174557917929291],
]);

// Source: exact arithmetic, Cs + (C0 - Cs)(1 - f)^n.
it('counts what the new water brings along', function (): void {
    $tank = new MixedTank(300, 40);
    for ($i = 0; $i < 4; $i++) {
        $tank = $tank->changed(0.2, 2.0);
    }
    expect($tank->mgPerLitre)->toAgreeWith(17.5648, 1e-14);
});

// Source: exact arithmetic on dC/dt = a - kC.
it('follows a steady input and a first-order loss exactly', function (): void {
    expect((new MixedTank(1, 10))->after(30, 1.5, 0.05)->mgPerLitre)->toAgreeWith(25.5373967970314, 1e-14)
        ->and((new MixedTank(1, 10))->after(30, 1.5, 0.0)->mgPerLitre)->toBe(55.0)
        ->and((new MixedTank(1, 10))->after(13.8629436111989, 1.5, 0.05)->mgPerLitre)->toAgreeWith(20.0, 1e-13);
});

/** @return list<float> mg/L at day 0 to 90, and the tank's feed and water changes as the check table states them */
function balanceScenario(): array
{
    $tank = new MixedTank(300, 20);
    $levels = [20.0];
    for ($day = 1; $day <= 90; $day++) {
        $k = match (true) {
            $day <= 20 => 0.01,
            $day <= 50 => 0.05,
            default => 0.08,
        };
        $tank = $tank->after(1, $day <= 30 ? 450 : 600, $k);
        $tank = $day % 7 === 0 && $day <= 84 ? $tank->changed(0.1, 0.5) : $tank;
        $levels[] = $tank->mgPerLitre;
    }

    return $levels;
}

// Source: R 4.2.2 with deSolve 1.34, 300 L, feed 450 then 600 mg/day, loss 0.01, 0.05, 0.08 a day, 10 % changed weekly
// with 0.5 mg/L. The state at a day is after that day's water change.
it('follows the 90-day balance', function (): void {
    $levels = balanceScenario();
    foreach (
        [
            7 => 25.9599230710041,
            14 => 30.9612189656712,
            20 => 37.8934979007678,
            30 => 29.5158221504844,
            50 => 29.5366292910111,
            60 => 25.0555299050919,
            77 => 20.6533717239024,
            84 => 20.3154498783604,
            90 => 22.101278186646,
        ] as $day => $expected
    ) {
        expect($levels[$day])->toAgreeWith($expected, 1e-9);
    }
    expect(300 * $levels[90])->toAgreeWith(6630.38345599379, 1e-9);
});

// Source: the same run; removed by the sink 38512.1223287155 mg, brought by new water 180 mg.
it('undoes the water changes of the 90-day balance', function (): void {
    $observations = [];
    $dilutions = [];
    foreach (balanceScenario() as $day => $level) {
        // A reading counts as taken before a change of the same moment, so the change sits just before this one.
        if ($day > 0 && $day % 7 === 0 && $day <= 84) {
            $dilutions[] = new Dilution($day - 1e-9, 0.1);
        }
        $observations[] = new Observation((float) $day, $level);
    }
    $series = UndilutedSeries::of($observations, $dilutions, 300, 0.5);
    $fed = 30 * 450 + 60 * 600;
    // What the water would hold without changes: start + fed - sink.
    expect($series->milligrams[90])->toAgreeWith(300 * 20 + $fed - 38512.1223287155, 1e-7);
});

it('finds the true input through any pattern of water changes', function (): void {
    $tank = new MixedTank(250, 6);
    $observations = [new Observation(0, 6)];
    $dilutions = [];
    $day = 0.0;
    foreach ([[3.0, 0.1], [5.5, 0.25], [6.0, 0.4], [11.0, 0.05], [13.2, 0.9], [20.0, 0.1]] as $i => [$at, $share]) {
        $tank = $tank->after($at - $day, 180, 0)->changed($share);
        $dilutions[] = new Dilution($at, $share);
        $day = $at;
        if ($i % 2 === 1) {
            $tank = $tank->after(0.25, 180, 0);
            $observations[] = new Observation($day += 0.25, $tank->mgPerLitre);
        }
    }
    $series = UndilutedSeries::of($observations, $dilutions, 250);
    foreach ($observations as $i => $observation) {
        expect($series->milligrams[$i])->toAgreeWith(250 * 6 + 180 * $observation->day, 1e-12);
    }
});
