<?php

declare(strict_types=1);

use Ithys\Statistics\Normal;

// Source: tables of the normal distribution (Abramowitz and Stegun, table 26.1).
it('knows the share below a value', function (float $z, float $share): void {
    expect(Normal::below($z))->toEqualWithDelta($share, 1e-7);
})->with([[0.0, 0.5], [1.0, 0.8413447461], [1.96, 0.9750021049], [-1.0, 0.1586552539], [-3.0, 0.0013498980]]);

// Source: by hand, the mean of the half below the middle is √(2/π) under it.
it('knows the mean of what lies below a limit', function (): void {
    expect(Normal::meanBelow(0.0))->toEqualWithDelta(sqrt(2 / M_PI), 1e-6)
        ->and(Normal::meanBelow(8.0))->toBeLessThan(1e-13)
        // Far down it lies just under the limit, and the two ways to it meet.
        ->and(Normal::meanBelow(-20.0))->toEqualWithDelta(20.05, 0.001)
        ->and(Normal::meanBelow(-4.0001))->toEqualWithDelta(Normal::meanBelow(-3.9999), 0.02);
});
