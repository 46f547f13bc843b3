<?php

declare(strict_types=1);

use Tests\Support\ForeignForecasts;

// The fastest part of the slow table: tanks whose truth is not the model.

it('holds its bands in a few foreign tanks, and stays near the readings', function (string $row): void {
    $found = ForeignForecasts::of($row, range(1, 10));
    $held = array_sum($found['held']) / count($found['held']);
    // Forty bands that belong together by tank; 80 % are meant to hold.
    expect($held)->toBeGreaterThanOrEqual(0.65);
    foreach (['no3 4', 'no3 12'] as $key) {
        expect($found['error'][$key])->toBeLessThan(1.25 * $found['lately'][$key]);
    }
})->with(['plain', 'feeding changed', 'slips']);
