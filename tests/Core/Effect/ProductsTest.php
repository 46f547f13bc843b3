<?php

declare(strict_types=1);

use Ithys\Effect\Relaxed\Products;
use Ithys\Effect\Relaxed\Series;
use Ithys\Effect\Relaxed\Step;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\SingularFit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<non-empty-list<float>> two that are always in, the input, two steps and the reading */
function whitenedRows(int $seed, int $n = 14): array
{
    $random = new Randomizer(new Mt19937($seed));
    $one = static fn (): float => $random->getInt(-1000, 1000) / 500;

    return array_map(static fn (int $i): array => [
        1.0 + 0.1 * $one(),
        $i / 4 + 0.1 * $one(),
        max(0.0, $i - 6.0) + 0.1 * $one(),
        $i > 6 ? exp(-0.1 * $i) : 0.05 * $one(),
        $i > 9 ? 1.0 : 0.0,
        5.0 + $one(),
    ], range(0, $n - 1));
}

it('has the estimates and errors of a fit by another way', function (int $seed): void {
    // By Householder's QR of the whole, against products of what Gram and Schmidt leave.
    $rows = whitenedRows($seed);
    $y = array_map(fn (array $row): float => $row[5], $rows);
    $products = Products::of($rows, 2, 0.0);
    foreach ([null, 0, 1] as $step) {
        $fit = LinearFit::of(array_map(fn (array $row): array => $step === null
            ? array_slice($row, 0, 3)
            : [...array_slice($row, 0, 3), $row[3 + $step]], $rows), $y);
        [$input, $error] = $products->input($step, 0.0);
        expect($input)->toEqualWithDelta($fit->coefficients[2], 1e-9)
            ->and($error)->toEqualWithDelta($fit->standardError($fit->variance(), 0.0, 0.0, 1.0), 1e-9)
            ->and($products->rest($step))->toEqualWithDelta($fit->residualSumOfSquares, 1e-9);
        if ($step !== null) {
            [$size, $sizeError] = $products->step($step, 0.0);
            expect($size)->toEqualWithDelta($fit->coefficients[3], 1e-9)
                ->and($sizeError)
                ->toEqualWithDelta($fit->standardError($fit->variance(), 0.0, 0.0, 0.0, 1.0), 1e-9);
        }
        // The restricted likelihoods differ from those of the whole fit by nothing.
        expect($products->likelihood($step, 0.0))->toEqualWithDelta(
            -0.5 * $fit->degreesOfFreedom * log($fit->residualSumOfSquares) + 0.5 * $fit->logDeterminant,
            1e-8,
        );
    }
})->with([1, 2, 3]);

it('prefers the story that made the readings', function (): void {
    $rows = array_map(function (array $row): array {
        $row[5] = 4.0 + 3.0 * $row[4] + 0.05 * $row[5];

        return $row;
    }, whitenedRows(5));
    $products = Products::of($rows, 2, 0.0);
    $prior = [0.05, 4.0];
    $best = $products->evidence(false, 1, $prior, 1e-6);
    expect($best)->toBeGreaterThan($products->evidence(false, null, $prior, 1e-6) + 3)
        ->and($best)->toBeGreaterThan($products->evidence(false, 0, $prior, 1e-6))
        // More than it takes is paid for.
        ->and($best)->toBeGreaterThan($products->evidence(true, 1, $prior, 1e-6) - 1e-6);
});

it('refuses columns that depend on each other', function (): void {
    $rows = array_map(fn (array $row): array => [$row[0], 2 * $row[0], $row[2], $row[5]], whitenedRows(1));
    Products::of($rows, 2, 0.0);
})->throws(SingularFit::class);

it('tries a step in each gap that has readings enough beyond it, and none where there are few', function (): void {
    $series = fn (array $days): Series => new Series(
        $days,
        array_fill(0, count($days), 1.0),
        array_fill(0, count($days), 1.0),
        array_fill(0, count($days), 0.0),
        [],
    );
    $kinds = fn (array $days): array => array_count_values(array_map(
        fn (Step $step): string => $step->kind,
        Step::among($series(array_map(floatval(...), $days))),
    ));
    expect($kinds(range(-5, 6)))->toBe(['here' => 1, 'elsewhere' => 6, 'kit' => 6])
        ->and($kinds(range(-4, 3)))->toBe([])
        ->and($kinds([...range(-3, 0), ...range(1, 6)]))->toBe(['elsewhere' => 4, 'kit' => 4])
        ->and((new Step(Step::KIT, 2.5))->column($series([1.0, 2.0, 3.0]), 0.1))->toBe([0.0, 0.0, 1.0]);
});
