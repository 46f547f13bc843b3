<?php

declare(strict_types=1);

use Ithys\Water\MixedTank;

it('does not change when a step in time is split', function (float $input, float $loss): void {
    $whole = (new MixedTank(240, 7))->after(30, $input, $loss);
    $split = new MixedTank(240, 7);
    foreach ([0.5, 3.25, 0.01, 16.24, 10.0] as $days) {
        $split = $split->after($days, $input, $loss);
    }
    expect($split->mgPerLitre)->toAgreeWith($whole->mgPerLitre, 1e-13);
})->with([
    [120, 0.0],
    [120, 1e-13],
    [120, 0.03],
    [0, 0.5],
    [-20, 0.01],
]);

it('closes its balance: what is in came from somewhere', function (): void {
    $tank = new MixedTank(240, 7);
    $fed = 0.0;
    $lost = 0.0;
    $changed = 0.0;
    for ($day = 0; $day < 60; $day++) {
        $next = $tank->after(1, 100, 0.02);
        $fed += 100;
        // The loss over a day is k times the integral of the amount, which the balance gives.
        $lost += $tank->mg() + 100 - $next->mg();
        $tank = $next;
        if ($day % 7 === 6) {
            $changed += 0.15 * $tank->mg();
            $tank = $tank->changed(0.15);
        }
    }
    expect(240 * 7 + $fed)->toAgreeWith($tank->mg() + $lost + $changed, 1e-12)
        ->and($lost)->toBeGreaterThan(0.0);
});

it('settles where input and loss meet', function (): void {
    expect((new MixedTank(200, 0))->after(5000, 60, 0.05)->mgPerLitre)->toAgreeWith(60 / 200 / 0.05, 1e-12);
});

// Source: exact arithmetic in the check table; a T / f with a = 1.5 mg/L a day, a fifth changed weekly: 52.5 before, 42
// after.
it('comes to the weekly balance of input and water changes', function (): void {
    $tank = new MixedTank(1, 0);
    for ($week = 0; $week < 400; $week++) {
        $before = $tank->after(7, 1.5, 0);
        $tank = $before->changed(0.2);
    }
    expect($before->mgPerLitre)->toAgreeWith(52.5, 1e-12)
        ->and($tank->mgPerLitre)->toAgreeWith(42.0, 1e-12);
});

// Source: R with deSolve 1.34 in the check table; the same with a loss of 0.03 a day.
it('comes to the weekly balance with a loss as well', function (): void {
    $tank = new MixedTank(1, 0);
    for ($week = 0; $week < 400; $week++) {
        $before = $tank->after(7, 1.5, 0.03);
        $tank = $before->changed(0.2);
    }
    expect($before->mgPerLitre)->toAgreeWith(26.9414205528464, 1e-12)
        ->and($tank->mgPerLitre)->toAgreeWith(21.5531364422771, 1e-12);
});
