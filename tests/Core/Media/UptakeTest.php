<?php

declare(strict_types=1);

use Ithys\Media\Uptake;

it('goes as fast as the slower of film and pores', function (float $film, float $pores, float $rate): void {
    expect(Uptake::rate($film, $pores))->toEqualWithDelta($rate, 1e-3);
})->with([
    'pores rule' => [1e6, 3.0, 3.0],
    'film rules' => [3.0, 1e6, 3.0],
    'both alike' => [1.0, 1.0, 1 / sqrt(2)],
    'it gives back' => [1e6, -2.0, -2.0],
    'nothing there' => [0.0, 0.0, 0.0],
]);

it('clears no more than its film and no more than flows by', function (): void {
    expect(Uptake::clearing(0.01, 50, 0.5, 0.8, 5000))->toEqualWithDelta(0.8 * 0.5, 1e-4)
        ->and(Uptake::clearing(1000, 50, 50_000, 0.8, 500))->toEqualWithDelta(0.8 * 500, 1e-6)
        ->and(Uptake::clearing(1, 0, 0, 1, 500))->toBe(0.0)
        ->and(Uptake::clearing(1, 50, 50, 1, 0))->toBe(0.0)
        // Two in one vessel clear what one of their weight does.
        ->and(Uptake::clearing(4, 30, 4 * 90, 1, 300) + Uptake::clearing(4, 60, 4 * 90, 1, 300))
        ->toEqualWithDelta(Uptake::clearing(4, 90, 4 * 90, 1, 300), 1e-9);
});
