<?php

declare(strict_types=1);

use Ithys\Statistics\IncompleteBeta;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\SingularFit;
use Ithys\Statistics\StudentT;

it('recovers a plane without noise', function (): void {
    $rows = [];
    $y = [];
    for ($i = 0; $i < 12; $i++) {
        $row = [1.0, (float) $i, (float) ($i * $i % 7)];
        $rows[] = $row;
        $y[] = 3.0 - 2.0 * $row[1] + 0.5 * $row[2];
    }
    $fit = LinearFit::of($rows, $y);
    expect($fit->coefficients[0])->toAgreeWith(3.0, 1e-12)
        ->and($fit->coefficients[1])->toAgreeWith(-2.0, 1e-12)
        ->and($fit->coefficients[2])->toAgreeWith(0.5, 1e-12)
        ->and($fit->residualSumOfSquares)->toBeLessThan(1e-20)
        ->and($fit->degreesOfFreedom)->toBe(9);
});

it('keeps its digits when days are counted from 1970', function (): void {
    $rows = [];
    $y = [];
    foreach (range(0, 40, 4) as $day) {
        $rows[] = [1.0, 20_700.0 + $day];
        $y[] = 8.0 + 0.01 * $day;
    }
    expect(LinearFit::of($rows, $y)->coefficients[1])->toAgreeWith(0.01, 1e-9);
});

it('does not go below the floor the instrument sets', function (): void {
    $fit = LinearFit::of([[1.0, 0.0], [1.0, 1.0], [1.0, 2.0]], [1.0, 2.0, 3.0]);
    expect($fit->variance())->toBeLessThan(1e-20)
        ->and($fit->variance(0.25))->toBe(0.25);
});

it('refuses what has no single answer', function (array $rows, array $y, string $why): void {
    expect(fn () => LinearFit::of($rows, $y))->toThrow(SingularFit::class, $why);
})->with([
    'nothing' => [[], [], 'cannot fix'],
    'as many observations as coefficients' => [[[1.0, 0.0], [1.0, 1.0]], [1.0, 2.0], '2 observations cannot fix 2'],
    'all on one day' => [[[1.0, 5.0], [1.0, 5.0], [1.0, 5.0]], [1.0, 2.0, 3.0], 'depend on each other'],
    'a column of nothing' => [[[1.0, 0.0], [1.0, 0.0], [1.0, 0.0]], [1.0, 2.0, 3.0], 'depend on each other'],
    'one column twice the other' => [[[1.0, 2.0], [2.0, 4.0], [3.0, 6.0]], [1.0, 2.0, 3.0], 'depend on each other'],
]);

it('is the same in any order of the observations', function (): void {
    $rows = [[1.0, 0.0], [1.0, 2.0], [1.0, 5.0], [1.0, 9.0]];
    $y = [3.0, 1.0, 4.0, 1.0];
    $there = LinearFit::of($rows, $y);
    $back = LinearFit::of(array_reverse($rows), array_reverse($y));
    expect($back->coefficients[1])->toAgreeWith($there->coefficients[1], 1e-13)
        ->and($back->residualSumOfSquares)->toAgreeWith($there->residualSumOfSquares, 1e-12);
});

it('has a t quantile that is the inverse of its probability', function (): void {
    foreach ([1, 2, 3.5, 9, 40, 250] as $df) {
        $t = StudentT::withDegreesOfFreedom($df);
        foreach ([0.01, 0.2, 0.5, 0.6, 0.8, 0.95, 0.999] as $p) {
            expect(abs($t->probability($t->quantile($p)) - $p))->toBeLessThan(1e-12, "df {$df}, p {$p}");
        }
    }
});

it('has a beta function that mirrors itself', function (): void {
    foreach ([0.0, 0.03, 0.4, 0.77, 1.0] as $x) {
        $sum = IncompleteBeta::regularized($x, 2.5, 7) + IncompleteBeta::regularized(1 - $x, 7, 2.5);
        expect($sum)->toAgreeWith(1.0, 1e-13);
    }
});
