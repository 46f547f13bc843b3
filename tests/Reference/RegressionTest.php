<?php

declare(strict_types=1);

use Ithys\Statistics\LinearFit;
use Ithys\Statistics\StudentT;
use Tests\Support\Hinge;

// Source: NIST Statistical Reference Datasets, Norris (certified values, data file as shipped with scipy).
it('fits NIST Norris to its certified digits', function (): void {
    $x = [
        0.2,
        337.4,
        118.2,
        884.6,
        10.1,
        226.5,
        666.3,
        996.3,
        448.6,
        777,
        558.2,
        0.4,
        0.6,
        775.5,
        666.9,
        338,
        447.5,
        11.6,
        556,
        228.1,
        995.8,
        887.6,
        120.2,
        0.3,
        0.3,
        556.8,
        339.1,
        887.2,
        999,
        779,
        11.1,
        118.3,
        229.2,
        669.1,
        448.9,
        0.5,
    ];
    $y = [
        0.1,
        338.8,
        118.1,
        888,
        9.2,
        228.1,
        668.5,
        998.5,
        449.1,
        778.9,
        559.2,
        0.3,
        0.1,
        778.1,
        668.8,
        339.3,
        448.9,
        10.8,
        557.7,
        228.3,
        998,
        888.8,
        119.6,
        0.3,
        0.6,
        557.6,
        339.3,
        888,
        998.5,
        778.9,
        10.2,
        117.6,
        228.9,
        668.4,
        449.2,
        0.2,
    ];
    $fit = LinearFit::of(array_map(fn (float $x): array => [1.0, $x], $x), $y);
    expect($fit->coefficients[0])->toAgreeWith(-0.262323073774029, 1e-11)
        ->and($fit->coefficients[1])->toAgreeWith(1.00211681802045, 1e-13)
        ->and($fit->standardError($fit->variance(), 1, 0))->toAgreeWith(0.232818234301152, 1e-11)
        ->and(sqrt($fit->variance()))->toAgreeWith(0.884796396144373, 1e-11)
        ->and($fit->degreesOfFreedom)->toBe(34);
    $half = StudentT::withDegreesOfFreedom(34)->quantile(0.975) * $fit->standardError($fit->variance(), 0, 1);
    // The upper 95 % limit: R 4.2.2 lm().
    expect($fit->coefficients[1] + $half)->toAgreeWith(1.00299027030533, 1e-12);
});

// Source: NIST StRD NoInt1 (data and certified values from memory; R 4.2.2 reproduces them).
it('fits NIST NoInt1, a line through the origin', function (): void {
    $fit = LinearFit::of(
        array_map(fn (int $x): array => [(float) $x], range(60, 70)),
        array_map(floatval(...), range(130, 140)),
    );
    expect($fit->coefficients[0])
        ->toAgreeWith(2.07438016528926, 1e-13)
        ->and($fit->standardError($fit->variance(), 1))
        ->toAgreeWith(0.0165289256198347, 1e-12);
});

// Source: R 4.2.2 qt() and pt(); the handbook has 12.706, 2.571, 2.228, 2.032.
it('gives Student t quantiles as the handbook does', function (float $df, float $p80, float $p975, float $p995): void {
    $t = StudentT::withDegreesOfFreedom($df);
    expect($t->quantile(0.8))->toAgreeWith($p80, 1e-11)
        ->and($t->quantile(0.975))->toAgreeWith($p975, 1e-11)
        ->and($t->quantile(0.995))->toAgreeWith($p995, 1e-11)
        ->and($t->quantile(0.025))->toAgreeWith(-$p975, 1e-11);
})->with([
    [1, 1.37638192047117, 12.7062047361747, 63.6567411628715],
    [2, 1.06066017177982, 4.30265272974946, 9.92484320091829],
    [5, 0.919543780240826, 2.57058183563631, 4.03214298355523],
    [10, 0.879057828550589, 2.22813885198627, 3.16927267261695],
    [34, 0.852321169134503, 2.03224450931772, 2.72839436707072],
    [500, 0.842340706153505, 1.96471983746737, 2.58569783514194],
]);

it('gives the lower tail of Student t', function (): void {
    // Source: R 4.2.2 pt(-2.1, df).
    expect(StudentT::withDegreesOfFreedom(3)->probability(-2.1))->toAgreeWith(0.0632826012748423, 1e-12)
        ->and(StudentT::withDegreesOfFreedom(100)->probability(-2.1))->toAgreeWith(0.0191226279106405, 1e-11);
});

// Source: R 4.2.2 lm() on y ~ t + pmax(t - 30, 0), t = 0, 5, ..., 60. The design and the residual spread are published
// in the check table; its standard errors pin the design, and the fitted values of R's four-parameter fit project onto
// these coefficients.
it('fits a broken stick as R does', function (): void {
    $days = array_map(fn (int $t): float => (float) ($t - 30), range(0, 60, 5));
    $fitted = [
        4.96428571428571,
        5.98571428571426,
        7.00714285714281,
        8.02857142857136,
        9.04999999999991,
        10.0714285714285,
        11.092857142857,
        10.2333333333333,
        9.31333333333329,
        8.39333333333328,
        7.47333333333328,
        6.55333333333327,
        5.63333333333327,
    ];
    $stick = Hinge::of($days, $fitted, 0.112031173785787 ** 2);
    expect($stick->slopeBefore()->estimate)->toAgreeWith(0.20525939177102, 1e-9)
        ->and($stick->difference()->estimate)->toAgreeWith(-0.387441860465117, 1e-9)
        ->and($stick->degreesOfFreedom())->toBe(10);
    $t = 2.22813885198627;
    expect(($stick->slopeBefore()->high - $stick->slopeBefore()->estimate) / $t)
        ->toAgreeWith(0.00368779601410743, 1e-12)
        ->and(($stick->slopeAfter()->high - $stick->slopeAfter()->estimate) / $t)
        ->toAgreeWith(0.00368779601410743, 1e-12)
        ->and(($stick->difference()->high - $stick->difference()->estimate) / $t)
        ->toAgreeWith(0.00658525062293181, 1e-12);
});
