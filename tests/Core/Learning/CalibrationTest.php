<?php

declare(strict_types=1);

use Ithys\Learning\Calibration;
use Ithys\Statistics\Cholesky;
use Tests\Support\SimulatedKeeper;

// A small share of the tanks of the slow suite.
it('holds the truth of simulated tanks within its intervals', function (): void {
    $held = $all = 0;
    foreach (range(1000, 1005) as $seed) {
        $keeper = new SimulatedKeeper($seed, 16, true);
        $fit = Calibration::of($keeper->timeline);
        foreach ($fit->unknowns() as $unknown) {
            if ($unknown->spread() !== null) {
                [$low, $high] = $fit->interval($unknown);
                $truth = exp($keeper->logs[$unknown->value]);
                $all++;
                $held += $truth >= $low && $truth <= $high ? 1 : 0;
                // Readings make no figure less known than it was beforehand.
                expect(sqrt($fit->covariance[$unknown->value][$unknown->value]))
                    ->toBeLessThanOrEqual($fit->priors[$unknown->value] + 1e-9);
            }
        }
    }
    expect($held / $all)->toBeGreaterThan(0.8);
});

// Source: reckoned by hand, (4 2; 2 3) = (2 0; 1 √2)(2 1; 0 √2).
it('takes a matrix apart and undoes it', function (): void {
    $cholesky = Cholesky::of([[4.0, 2.0], [2.0, 3.0]]);
    expect($cholesky->whiten([2.0, 1.0]))->toEqualWithDelta([1.0, 0.0], 1e-15)
        ->and($cholesky->solve([2.0, 3.0]))->toEqualWithDelta([0.0, 1.0], 1e-15)
        ->and($cholesky->inverse()[0])->toEqualWithDelta([3 / 8, -1 / 4], 1e-15)
        ->and(fn () => Cholesky::of([[1.0, 2.0], [2.0, 1.0]]))->toThrow(DomainException::class);
});
