<?php

declare(strict_types=1);

use Ithys\History\Change;
use Ithys\History\DayActs;
use Ithys\History\Known;
use Ithys\History\Manner;
use Ithys\History\Rate;
use Ithys\History\Routine;
use Ithys\History\Statements;
use Random\Engine\Mt19937;
use Random\Randomizer;

// What a keeper does is simulated without the method of the core: acts drawn around a plan that changes on a known day,
// some of them not logged. Tables of tank-years: how often a change is seen that there is not, and how soon one that
// there is.

const YEAR = 365;

/** A draw from the bell curve by Box and Muller. */
function bell(Randomizer $random): float
{
    return sqrt(-2 * log(1 - share($random))) * cos(2 * M_PI * share($random));
}

/** From 0 to under 1. */
function share(Randomizer $random): float
{
    return $random->getInt(0, 2 ** 30 - 1) / 2 ** 30;
}

/**
 * A year of acts.
 *
 * @param  array{every?: float, late?: float, amount?: float, scatter?: float, lost?: float, rests?: list<int>,
 *   away?: int, sizes?: list<float>, turn?: int, then?: array<string, float>, from?: int, until?: int}  $of  days
 *   between, their relative scatter, the amount and its relative scatter, share not logged, days of rest, days of a
 *   holiday without, sizes in turn; the day from which some of that is otherwise; the first and last day
 * @return list<DayActs>
 */
function simulated(array $of, Randomizer $random): array
{
    $acts = [];
    $day = (float) ($of['from'] ?? $random->getInt(0, 2));
    $leaves = $random->getInt(100, 250);
    for ($n = 0; $day < min(YEAR, $of['until'] ?? YEAR); $n++) {
        $now = $day >= ($of['turn'] ?? INF) ? [...$of, ...$of['then']] : $of;
        $amount = ($now['sizes'] ?? [$now['amount'] ?? 1.0])[$n % count($now['sizes'] ?? [1])]
            * exp(($now['scatter'] ?? 0.0) * bell($random));
        $whole = (int) floor($day);
        $isAway = $whole >= $leaves && $whole < $leaves + ($of['away'] ?? 0);
        $rests = in_array($whole % 7, $of['rests'] ?? [], true);
        if (! $isAway && ! $rests && share($random) >= ($of['lost'] ?? 0.0)) {
            $before = $acts[$whole] ?? null;
            $acts[$whole] = new DayActs($whole, $amount + ($before->amount ?? 0.0), 1 + ($before->count ?? 0));
        }
        $day += max(0.2, $now['every'] * exp(($now['late'] ?? 0.0) * bell($random)));
    }

    return array_values($acts);
}

/** @param  list<DayActs>  $acts */
function lookedBack(array $acts, Manner $manner, float $now = YEAR): Routine
{
    return new Routine($acts, new Statements, $manner, 0.0, $now, new Rate(0.0, 0.0, 0.0, Known::Unknown));
}

it('sees no change where there is none', function (array $of, float $stops, float $done): void {
    $random = new Randomizer(new Mt19937(20261130));
    $manner = new Manner($stops, $done);
    $tanks = 200;
    $false = 0;
    for ($tank = 0; $tank < $tanks; $tank++) {
        $acts = simulated($of, $random);
        // Up to the day after the last, since silence at the end is none of this.
        $false += count(lookedBack($acts, $manner, $acts[count($acts) - 1]->day + 1.0)->changes());
    }
    fwrite(STDERR, sprintf("    %.3f false changes a tank-year\n", $false / $tanks));
    expect($false / $tanks)->toBeLessThan(0.1);
})->with([
    'dose, a tenth not logged' => [['every' => 1.0, 'amount' => 10.0, 'lost' => 0.1], 1.0, 0.8],
    'dose, three tenths not logged' => [['every' => 1.0, 'amount' => 10.0, 'lost' => 0.3], 1.0, 0.8],
    'food that scatters' => [['every' => 1.0, 'amount' => 2.0, 'scatter' => 0.35], 0.02, 1.0],
    'food that scatters, a tenth not logged' => [
        ['every' => 1.0, 'amount' => 2.0, 'scatter' => 0.35, 'lost' => 0.1], 0.02, 1.0,
    ],
    'three meals a day' => [['every' => 1 / 3, 'amount' => 0.7, 'scatter' => 0.2], 0.02, 1.0],
    'water every week' => [['every' => 7.0, 'amount' => 10.0, 'scatter' => 0.2, 'late' => 0.05], 0.3, 0.6],
    'socks, nearly on time' => [['every' => 3.5, 'late' => 0.15], 0.5, 0.5],
    'socks, whenever' => [['every' => 3.5, 'late' => 0.35], 0.5, 0.5],
    'Monday to Friday' => [['every' => 1.0, 'amount' => 10.0, 'rests' => [5, 6]], 1.0, 0.8],
    'a week away' => [['every' => 1.0, 'amount' => 2.0, 'scatter' => 0.35, 'away' => 7], 0.02, 1.0],
    'two sizes in turn' => [['every' => 1.0, 'sizes' => [1.0, 2.0]], 0.02, 1.0],
]);

it('finds a change soon after it', function (array $of, float $stops, float $done, float $share, float $off): void {
    $random = new Randomizer(new Mt19937(7));
    $manner = new Manner($stops, $done);
    $tanks = 200;
    $offs = [];
    for ($tank = 0; $tank < $tanks; $tank++) {
        $turn = $random->getInt(120, 240);
        $acts = simulated([...$of, 'turn' => $turn, 'until' => $turn + 28], $random);
        $near = array_filter(
            lookedBack($acts, $manner, $turn + 28.0)->changes(),
            static fn (Change $one): bool => $one->what !== Change::SILENCE && abs($one->day - $turn) <= 28,
        );
        if ($near !== []) {
            $offs[] = min(array_map(static fn (Change $one): float => abs($one->day - $turn), $near));
        }
    }
    sort($offs);
    $middle = $offs[intdiv(count($offs), 2)] ?? INF;
    fwrite(STDERR, sprintf("    found %.0f %%, %.1f days off\n", 100 * count($offs) / $tanks, $middle));
    expect(count($offs) / $tanks)->toBeGreaterThanOrEqual($share)->and($middle)->toBeLessThanOrEqual($off);
})->with([
    'water 10 to 15 %, sd 10 %' => [
        ['every' => 7.0, 'amount' => 10.0, 'scatter' => 0.1, 'then' => ['amount' => 15.0]], 0.3, 0.6, 0.9, 4.0,
    ],
    'food 2 to 3 g' => [
        ['every' => 1.0, 'amount' => 2.0, 'scatter' => 0.35, 'then' => ['amount' => 3.0]], 0.02, 1.0, 0.85, 3.0,
    ],
    'socks 7 to 3.5 days' => [
        ['every' => 7.0, 'late' => 0.15, 'then' => ['every' => 3.5]], 0.5, 0.5, 0.95, 3.5,
    ],
    'dose 10 to 12 with three tenths not logged' => [
        ['every' => 1.0, 'amount' => 10.0, 'lost' => 0.3, 'then' => ['amount' => 12.0]], 1.0, 0.8, 0.97, 1.5,
    ],
]);

it('tells a start and asks about a stop', function (): void {
    $random = new Randomizer(new Mt19937(11));
    $started = $asked = $wrongly = 0;
    for ($tank = 0; $tank < 200; $tank++) {
        $from = $random->getInt(40, 150);
        $acts = simulated(['every' => 1.0, 'amount' => 10.0, 'lost' => 0.1, 'from' => $from, 'until' => 250], $random);
        $routine = lookedBack($acts, new Manner(1.0, 0.8), 278.0);
        $what = array_map(static fn (Change $one): string => $one->what, $routine->changes());
        $started += in_array(Change::START, $what, true) ? 1 : 0;
        $asked += $routine->asks ? 1 : 0;
        // Of one that goes on, nothing is asked.
        $on = simulated(['every' => 1.0, 'amount' => 10.0, 'lost' => 0.3], $random);
        $wrongly += lookedBack($on, new Manner(1.0, 0.8))->asks ? 1 : 0;
    }
    expect($started)->toBeGreaterThan(195)->and($asked)->toBeGreaterThan(197)->and($wrongly)->toBe(0);
});

it('knows the rate there is better than a mean of eight weeks', function (): void {
    $random = new Randomizer(new Mt19937(5));
    $ours = $means = 0.0;
    for ($tank = 0; $tank < 200; $tank++) {
        $turn = 300;
        $of = ['every' => 1.0, 'amount' => 2.0, 'scatter' => 0.35, 'turn' => $turn, 'then' => ['amount' => 3.0]];
        $acts = simulated([...$of, 'until' => $turn + 14], $random);
        $now = $turn + 14.0;
        $true = log(3.0 * exp(0.35 ** 2 / 2));
        $last = array_filter($acts, static fn (DayActs $one): bool => $one->day >= $now - 56);
        $mean = array_sum(array_map(static fn (DayActs $one): float => $one->amount, $last)) / 56;
        $ours += (log(lookedBack($acts, new Manner(0.02, 1.0), $now)->at($now)->perDay) - $true) ** 2;
        $means += (log($mean) - $true) ** 2;
    }
    fwrite(STDERR, sprintf("    %.3f, a mean of 56 days %.3f\n", sqrt($ours / 200), sqrt($means / 200)));
    expect(sqrt($ours / 200))->toBeLessThan(0.25)->toBeLessThan(0.7 * sqrt($means / 200));
});
