<?php

declare(strict_types=1);

use Ithys\Learning\Calibration;
use Ithys\Learning\Charges\Lives;
use Ithys\Media\Medium;
use Tests\Support\SimulatedKeeper;

// Simulated tanks of known truth with a charge in place, the same for the same seeds: does the range of the day on
// which it is spent hold what it says, is that day better than the calendar's, and is no charge called spent that still
// works?
it('foresees the end of a charge', function (): void {
    $held = $better = [];
    $said = $false = 0;
    foreach (range(4000, 4199) as $seed) {
        $keeper = new SimulatedKeeper($seed, 16, true, 'fine', true);
        if ($keeper->timeline->charges() === []) {
            continue;
        }
        $now = 7.0 * 16;
        $known = 7.0 * 28;
        $lives = Lives::of($keeper->timeline, Calibration::of($keeper->timeline));
        $life = $lives[count($lives) - 1];
        $truth = $keeper->spent($life->placed);
        [$likely, $soonest, $latest] = $life->spent;
        $held[] = is_finite($truth)
            ? (int) ($truth >= $soonest - Lives::STEP / 2 && $truth <= $latest + Lives::STEP / 2)
            : (int) ($latest >= $known);
        $said += $life->isSpent() ? 1 : 0;
        $false += $life->isSpent() && $truth > $now ? 1 : 0;
        if (is_finite($truth) && $truth > $now) {
            // The usual intervals that the page holds beside it.
            $calendar = $life->placed->from + ($life->placed->medium === Medium::Gfo ? 45.0 : 182.0);
            $better[] = (int) (abs(min($likely, 1e3) - $truth) < abs($calendar - $truth));
        }
    }
    $mean = fn (array $all): float => array_sum($all) / count($all);
    fwrite(STDERR, sprintf(
        "\n%d charges: 80 %% range holds in %.2f; beats the calendar in %.2f of %d; spent said of %d, wrongly %d\n",
        count($held),
        $mean($held),
        $mean($better),
        count($better),
        $said,
        $false,
    ));
    expect($mean($held))->toBeGreaterThanOrEqual(0.75)->toBeLessThanOrEqual(0.92)
        ->and($mean($better))->toBeGreaterThan(0.5)
        ->and($false / max(1, count($held)))->toBeLessThanOrEqual(0.05);
});
