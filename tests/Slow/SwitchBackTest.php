<?php

declare(strict_types=1);

use Ithys\Trial\Tank\Lot;
use Tests\Support\SwitchedTank;
use Tests\Support\TriedTanks;

// Tanks that are not the model's own (Euler steps, seasons, a rhythm as long as two periods, memory of the kit).
it('tells a difference in at most one of twenty trials where there is none', function (array $with, string $way): void {
    $plan = TriedTanks::plan($with);
    $false = TriedTanks::told($plan, SwitchedTank::WAYS[$way], 0.0, 400);
    fwrite(STDERR, sprintf("\n%s %s: %.1f %% false", json_encode($with), $way, 100 * $false));
    // 400 runs of a true 5 % pass 6.8 % once in twenty; two standard errors are allowed for.
    expect($false)->toBeLessThanOrEqual(0.068);
})->with([
    'six of two weeks' => [['phaseDays' => 14, 'periods' => 6, 'every' => 4]],
    'four of four weeks, weekly' => [['phaseDays' => 28, 'periods' => 4, 'every' => 7]],
    'eight of two weeks, weekly' => [['phaseDays' => 14, 'periods' => 8, 'every' => 7]],
    'six of three weeks with washout' => [['phaseDays' => 21, 'periods' => 6, 'every' => 4, 'washoutDays' => 7]],
])->with(array_keys(SwitchedTank::WAYS));

it('shows what its plan promised in about four of five trials', function (string $way, float $least): void {
    $plan = TriedTanks::plan();
    $all = array_map(
        fn (int $seed): float => TriedTanks::smallest($plan, Lot::draw($plan, $seed), SwitchedTank::WAYS[$way], $seed),
        range(1, 15),
    );
    sort($all);
    $shown = TriedTanks::told($plan, SwitchedTank::WAYS[$way], -$all[7], 200, 5000);
    fwrite(STDERR, sprintf("\n%s: %.0f %% shown", $way, 100 * $shown));
    expect($shown)->toBeGreaterThanOrEqual($least);
})->with([
    ['quiet', 0.7], ['drifting', 0.7], ['walking', 0.65], ['seasons', 0.65],
    // It takes up more than the four per cent a day that the model averages over: the size comes out small.
    ['a fast tank', 0.45],
]);

it('tells a difference between two tanks in at most one of twenty pairs where there is none', function (
    string $way,
): void {
    $plan = TriedTanks::plan(['form' => 'paired', 'phaseDays' => 42]);
    $false = TriedTanks::paired($plan, SwitchedTank::WAYS[$way], 0.0, 200);
    fwrite(STDERR, sprintf("\n%s: %.1f %% false", $way, 100 * $false));
    expect($false)->toBeLessThanOrEqual(0.08);
})->with(['quiet', 'drifting', 'walking', 'seasons']);
