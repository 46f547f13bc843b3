<?php

declare(strict_types=1);

use Ithys\Effect\Verdict;
use Tests\Support\SimulatedTank;
use Tests\Support\SteppedTanks;

// The acceptance table of the verdicts, 300 tanks a row and truth, with fixed seeds.
it('holds the acceptance table', function (array $tank, float $false, float $covers, float $finds): void {
    [$wrong, $within, $lower] = SimulatedTank::tried($tank, 300);
    // A share of 300 tries scatters; three standard errors are let be.
    $slack = static fn (float $share): float => 3 * sqrt(max($share * (1 - $share), 0.005) / 300);
    expect($wrong)->toBeLessThanOrEqual($false + $slack($false))
        ->and($within)->toBeGreaterThanOrEqual($covers - $slack($covers))
        ->and($lower)->toBeGreaterThanOrEqual($finds - $slack($finds));
})->with(array_map(
    static fn (array $row): array => [$row[0], $row[1] / 100, $row[2] / 100, $row[3] / 100],
    SimulatedTank::TABLE,
));

it('stays honest with a kit in coarse steps', function (float $step): void {
    $within = [0 => 0, -2 => 0];
    $claimed = 0;
    for ($seed = 1; $seed <= 300; $seed++) {
        foreach ([0, -1, -2] as $change) {
            $tank = new SimulatedTank($seed, [
                'step' => $step,
                'level' => 7 + 6 * ($seed % 100) / 100,
                'change' => $change,
            ]);
            $judgement = $tank->judged();
            if ($change !== -1) {
                $within[$change] += $tank->isTrue($judgement) ? 1 : 0;
            } else {
                $claimed += $judgement->verdict === Verdict::NoDifferenceShown ? 1 : 0;
            }
        }
    }
    // Of 300 tries four standard errors are 8 %; "no difference" where there is one, at most 2 in 100.
    expect(min($within) / 300)->toBeGreaterThanOrEqual(0.87 - 0.08)
        ->and($claimed / 300)->toBeLessThanOrEqual(0.02);
})->with([5.0, 10.0]);

it('finds little that is not there when it is asked after every reading', function (array $tank, float $most): void {
    $ever = 0;
    for ($seed = 1; $seed <= 300; $seed++) {
        $simulated = new SimulatedTank($seed, $tank);
        $before = count(array_filter($simulated->days, static fn (float $day): bool => $day <= 0.0));
        for ($n = $before + 3; $n <= count($simulated->days); $n++) {
            if ($simulated->tells($simulated->judged($n))) {
                $ever++;
                break;
            }
        }
    }
    expect($ever / 300)->toBeLessThanOrEqual($most + 3 * sqrt($most * (1 - $most) / 300));
})->with([
    'white noise' => [[], 0.03],
    'noise with memory' => [['memory' => 0.3], 0.06],
    'real A' => [SimulatedTank::REAL_A, 0.09],
]);

it('does not take for an effect that the change followed a high reading', function (): void {
    $lower = $tanks = 0;
    for ($seed = 1; $tanks < 300; $seed++) {
        $tank = new SimulatedTank($seed, []);
        $before = array_filter($tank->days, static fn (float $day): bool => $day <= 0.0);
        // One sigma of the kit over its level.
        if ($tank->levels[count($before) - 1] >= 10.4) {
            $tanks++;
            $lower += $tank->judged()->verdict === Verdict::Lower ? 1 : 0;
        }
    }
    expect($lower / 300)->toBeLessThanOrEqual(0.04);
});

it('does not take another lever ten days or more away for this one', function (float $day): void {
    $wrong = 0;
    for ($seed = 1; $seed <= 300; $seed++) {
        $tank = new SimulatedTank($seed, ['other' => -2, 'otherDay' => $day]);
        $wrong += $tank->tells($tank->judged(others: [$day])) ? 1 : 0;
    }
    expect($wrong / 300)->toBeLessThanOrEqual(0.03 + 3 * sqrt(0.03 * 0.97 / 300));
})->with([-28.0, -17.0, -10.5, 10.5, 17.0, 28.0]);

// The rows of steps, and of what else was not logged: the method's section 9 says what it reached.
it('holds the table of steps', function (array $tank, array $bounds): void {
    $found = SteppedTanks::judged($tank, range(1, 300));
    fwrite(STDERR, "\n".json_encode([$tank, array_map(fn (float $one): float => round(100 * $one, 1), $found)]));
    SteppedTanks::hold($found, $bounds, 300);
})->with(SteppedTanks::TABLE);
