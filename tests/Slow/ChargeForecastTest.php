<?php

declare(strict_types=1);

use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Learning\Charges\Condition;
use Tests\Support\ForeignCharge;

// Forty charges a row in tanks of other physics than the model's, the same for the same seeds: does the range of what a
// charge removes hold what it says, is none called exhausted that still works, and no healthy reactor bypassed?
it('holds its ranges and calls no charge exhausted that works, in worlds that are not its own', function (): void {
    $false = $all = $bypassed = $healthy = $late = $gone = 0;
    $times = $held = [];
    $table = "\n";
    foreach (ForeignCharge::ROWS as $row) {
        foreach ($row === 'bag' ? [0] : [0, 3, 8] as $outlets) {
            $share = $day = $n = 0;
            foreach (range(1, 40) as $seed) {
                $truth = new ForeignCharge($row, 7000 + 100 * crc32($row) % 90_000 + $seed, $outlets);
                $started = hrtime(true);
                $state = array_values(ChargeForecasts::of($truth->timeline, null))[0];
                $times[] = (hrtime(true) - $started) / 1e6;
                $charge = $truth->timeline->followed()[0];
                $condition = ChargeWords::of($charge, $state, $truth->timeline->to)->condition;
                [, $soonest, $latest] = array_map(
                    fn (?int $at): float => $at === null ? INF : ($at - $charge->from->getTimestamp()) / 86_400,
                    $state->exhausted,
                );
                $n++;
                $share += $truth->share >= $state->share[1] - 0.02 && $truth->share <= $state->share[2] + 0.02 ? 1 : 0;
                $day += $truth->exhausted >= $soonest - 2 && ($truth->exhausted <= $latest + 2) ? 1 : 0;
                $all++;
                $false += $condition->isExhausted() && $truth->share >= 0.2 ? 1 : 0;
                if (! in_array($row, ['bypass', 'channel', 'clogging', 'wrong flow', 'bag'], true)) {
                    $healthy++;
                    $bypassed += $condition === Condition::Bypassed ? 1 : 0;
                }
                if ($truth->share < 0.2) {
                    $gone++;
                    $late += $condition->isExhausted() ? 0 : 1;
                }
            }
            $table .= sprintf("%-11s %d outlets: share %.2f, day %.2f\n", $row, $outlets, $share / $n, $day / $n);
            $held["{$row} {$outlets}"] = $share / $n;
        }
    }
    sort($times);
    fwrite(STDERR, $table.sprintf(
        'false exhausted %.3f of %d; exhausted not said %.2f of %d; bypassed said of %d healthy: %d; %.0f ms, at most '
            ."%.0f\n",
        $false / $all,
        $all,
        $late / max(1, $gone),
        $gone,
        $healthy,
        $bypassed,
        $times[intdiv(count($times), 2)],
        end($times),
    ));
    foreach ($held as $row => $share) {
        expect($share)->toBeGreaterThanOrEqual(0.72, $row);
    }
    // A row of forty is off by 0.04 from its own mean: not every row is held to the upper end.
    expect(array_sum($held) / count($held))->toBeLessThanOrEqual(0.95);
    expect($false / $all)->toBeLessThanOrEqual(0.025)->and($bypassed / $healthy)->toBeLessThanOrEqual(0.01);
});
