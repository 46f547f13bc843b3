<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Extremes;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('keeps the least and the greatest of each run of each parameter', function (): void {
    $readings = [['no3', 8.0], ['po4', 0.1], ['no3', 9.0], ['no3', 7.0], ['po4', 0.1], ['no3', 8.5], ['no3', 8.6]];
    expect(Extremes::of($readings, 3))->toBe([1, 2, 3, 5, 6])
        ->and(Extremes::of($readings, 1))->toBe(range(0, 6))
        ->and(Extremes::of([], 5))->toBe([]);
});

it('never loses a peak or a trough, and keeps at most two of a run', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $readings = [];
    for ($i = 0; $i < $random->getInt(1, 300); $i++) {
        $readings[] = [['no3', 'po4'][$random->getInt(0, 1)], $random->getInt(0, 200) / 10];
    }
    $inARow = $random->getInt(1, 20);
    $kept = array_map(static fn (int $at): array => $readings[$at], Extremes::of($readings, $inARow));
    foreach (['no3', 'po4'] as $parameter) {
        $of = static fn (array $all): array => array_column(
            array_filter($all, static fn (array $one): bool => $one[0] === $parameter),
            1,
        );
        [$all, $few] = [$of($readings), $of($kept)];
        if ($all !== []) {
            expect([min($few), max($few)])->toBe([min($all), max($all)])
                ->and(count($few))->toBeLessThanOrEqual(2 * (int) ceil(count($all) / $inARow));
        }
    }
})->with(range(1, 30));
