<?php

declare(strict_types=1);

use Tests\Support\SimulatedTank;

// The acceptance table of the verdicts, 1,000 tanks a row and truth, with fixed seeds.
it('holds the acceptance table', function (array $tank, float $false, float $covers, float $finds): void {
    [$wrong, $within, $lower] = SimulatedTank::tried($tank, 1000);
    // A share of 1,000 tries scatters; three standard errors are let be.
    $slack = static fn (float $share): float => 3 * sqrt(max($share * (1 - $share), 0.005) / 1000);
    expect($wrong)->toBeLessThanOrEqual($false + $slack($false))
        ->and($within)->toBeGreaterThanOrEqual($covers - $slack($covers))
        ->and($lower)->toBeGreaterThanOrEqual($finds - $slack($finds));
})->with(array_map(
    static fn (array $row): array => [$row[0], $row[1] / 100, $row[2] / 100, $row[3] / 100],
    SimulatedTank::TABLE,
));
