<?php

declare(strict_types=1);

use Ithys\Statistics\IncompleteBeta;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\LogGamma;
use Ithys\Statistics\StudentT;
use Tests\Support\Hinge;

/**
 * R's dataset Nile: annual flow at Aswan 1871 to 1970.
 *
 * @return list<float>
 */
function nile(): array
{
    return array_map(floatval(...), [
        1120, 1160, 963, 1210, 1160, 1160, 813, 1230, 1370, 1140, 995, 935, 1110, 994, 1020, 960, 1180, 799, 958, 1140,
        1100, 1210, 1150, 1250, 1260, 1220, 1030, 1100, 774, 840, 874, 694, 940, 833, 701, 916, 692, 1020, 1050, 969,
        831, 726, 456, 824, 702, 1120, 1100, 832, 764, 821, 768, 845, 864, 862, 698, 845, 744, 796, 1040, 759,
        781, 865, 845, 944, 984, 897, 822, 1010, 771, 676, 649, 846, 812, 742, 801, 1040, 860, 874, 848, 890,
        744, 749, 838, 1050, 918, 986, 797, 923, 975, 815, 1020, 906, 901, 1170, 912, 746, 919, 718, 714, 740,
    ]);
}

// Source: R 4.2.2, lm(y ~ t + pmax(t, 0)) on R's dataset Nile, t counted from 1899; confint() for the limits.
it('fits the broken stick to the Nile as R does', function (): void {
    $days = array_map(floatval(...), range(1871 - 1899, 1970 - 1899));
    $stick = Hinge::of($days, nile());
    expect($stick->at(0.0))->toAgreeWith(902.12088300220751, 1e-12)
        ->and($stick->slopeBefore()->estimate)->toAgreeWith(-10.02163877380137, 1e-12)
        ->and($stick->slopeBefore()->low)->toAgreeWith(-14.42646776673337, 1e-11)
        ->and($stick->slopeBefore()->high)->toAgreeWith(-5.61680978086936, 1e-11)
        ->and($stick->difference()->estimate)->toAgreeWith(9.10384783390148, 1e-12)
        ->and($stick->difference()->low)->toAgreeWith(3.75482246504565, 1e-11)
        ->and($stick->difference()->high)->toAgreeWith(14.4528732027573, 1e-11)
        ->and($stick->degreesOfFreedom())->toBe(97)
        ->and($stick->variance)->toAgreeWith(1987471.59350582 / 97, 1e-12);
});

// Source: R 4.2.2 on its dataset Nile: y = b0 + b1 (t - 1899) + b2 D + b3 (t - 1899) D with D from 1899 on; the check
// table's row.
it('fits an interrupted series with a jump as R does', function (): void {
    $rows = [];
    foreach (range(1871, 1970) as $year) {
        $after = $year >= 1899 ? 1.0 : 0.0;
        $rows[] = [1.0, $year - 1899.0, $after, ($year - 1899) * $after];
    }
    $fit = LinearFit::of($rows, nile());
    foreach ([1114.56349206349, 1.15955117679258, -289.102685366384, -0.469088767634432] as $i => $expected) {
        expect($fit->coefficients[$i])->toAgreeWith($expected, 1e-11);
    }
    foreach ([49.8205497121459, 3.0015647302429, 58.1184154054004, 3.08847703055546] as $i => $expected) {
        $weights = array_fill(0, 4, 0.0);
        $weights[$i] = 1.0;
        expect($fit->standardError($fit->variance(), ...$weights))->toAgreeWith($expected, 1e-11);
    }
    $p = 2 * StudentT::withDegreesOfFreedom(96)->probability(-289.102685366384 / 58.1184154054004);
    expect($p)->toAgreeWith(2.8674376825126e-06, 1e-6);
});

// Source: r-cran-segmented 1.6-2 on its dataset stagnant (band height of stagnant water): estimated break
// 0.0411057852562898.
it('is least wrong where the segmented package puts the break', function (): void {
    $x = [
        -0.8,
        0.01,
        -0.25,
        -0.25,
        -0.12,
        -0.12,
        -0.94,
        0.11,
        0.11,
        -0.63,
        -0.63,
        -1.39,
        -1.39,
        0.7,
        0.7,
        0.34,
        1.19,
        0.59,
        0.85,
        0.85,
        0.99,
        0.99,
        0.25,
        -1.08,
        -1.08,
        0.44,
        0.34,
        0.25,
    ];
    $y = [
        0.9,
        0.51,
        0.65,
        0.67,
        0.6,
        0.59,
        0.92,
        0.43,
        0.43,
        0.81,
        0.83,
        1.12,
        1.12,
        -0.13,
        -0.14,
        0.25,
        -0.65,
        -0.01,
        -0.3,
        -0.33,
        -0.46,
        -0.43,
        0.33,
        0.99,
        1.03,
        0.13,
        0.24,
        0.3,
    ];
    $spread = fn (float $break): float => Hinge::of(array_map(fn (float $at): float => $at - $break, $x), $y)
        ->variance;
    $best = 0.0411057852562898;
    foreach ([0.002, 0.01, 0.05, 0.2] as $off) {
        expect($spread($best))->toBeLessThan($spread($best + $off))->toBeLessThan($spread($best - $off));
    }
});

// Source: R 4.2.2, lm(mpg ~ wt + hp) on its dataset mtcars.
it('fits two unlike regressors as R does', function (): void {
    $data = [
        [21.0, 2.62, 110],
        [21.0, 2.875, 110],
        [22.8, 2.32, 93],
        [21.4, 3.215, 110],
        [18.7, 3.44, 175],
        [18.1, 3.46, 105],
        [14.3, 3.57, 245],
        [24.4, 3.19, 62],
        [22.8, 3.15, 95],
        [19.2, 3.44, 123],
        [17.8, 3.44, 123],
        [16.4, 4.07, 180],
        [17.3, 3.73, 180],
        [15.2, 3.78, 180],
        [10.4, 5.25, 205],
        [10.4, 5.424, 215],
        [14.7, 5.345, 230],
        [32.4, 2.2, 66],
        [30.4, 1.615, 52],
        [33.9, 1.835, 65],
        [21.5, 2.465, 97],
        [15.5, 3.52, 150],
        [15.2, 3.435, 150],
        [13.3, 3.84, 245],
        [19.2, 3.845, 175],
        [27.3, 1.935, 66],
        [26.0, 2.14, 91],
        [30.4, 1.513, 113],
        [15.8, 3.17, 264],
        [19.7, 2.77, 175],
        [15.0, 3.57, 335],
        [21.4, 2.78, 109],
    ];
    $fit = LinearFit::of(
        array_map(fn (array $row): array => [1.0, $row[1], (float) $row[2]], $data),
        array_column($data, 0),
    );
    expect($fit->coefficients[0])
        ->toAgreeWith(37.227270116447201, 1e-12)
        ->and($fit->coefficients[1])
        ->toAgreeWith(-3.877830742404682, 1e-12)
        ->and($fit->coefficients[2])
        ->toAgreeWith(-0.031772946982161, 1e-12)
        ->and(sqrt($fit->variance()))
        ->toAgreeWith(2.59341177722657, 1e-12)
        ->and($fit->standardError($fit->variance(), 0, 1, 0))
        ->toAgreeWith(0.63273349437739534, 1e-12)
        ->and($fit->standardError($fit->variance(), 0, 0, 1))
        ->toAgreeWith(0.00902970967585572, 1e-12);
});

// Source: R 4.2.2 pbeta().
it('gives the incomplete beta function', function (float $x, float $a, float $b, float $expected): void {
    expect(IncompleteBeta::regularized($x, $a, $b))->toAgreeWith($expected, 1e-12);
})->with([
    [0.1, 2, 3, 0.0523],
    [0.5, 2, 3, 0.6875],
    [0.9, 2, 3, 0.9963],
    [0.1, 0.5, 10, 0.848359090365290],
    [0.5, 0.5, 10, 0.999766552565251],
    [0.9, 0.5, 10, 0.999999999981520],
]);

// Source: R 4.2.2 lgamma().
it('gives the logarithm of the gamma function', function (float $z, float $expected): void {
    expect(abs(LogGamma::of($z) - $expected))->toBeLessThan(1e-13 * max(1.0, abs($expected)));
})->with([
    [0.3, 1.095797994818076],
    [1.0, 0.0],
    [2.5, 0.284682870472919],
    [10.0, 12.801827480081469],
    [123.4, 469.336097442190635],
]);

// Source: R 4.2.2 pt(), 7 degrees of freedom.
it('gives Student t probabilities on both sides', function (float $t, float $expected): void {
    expect(StudentT::withDegreesOfFreedom(7)->probability($t))->toAgreeWith($expected, 1e-12);
})->with([
    [-3, 0.00997106306599626],
    [-1, 0.17530833141010374],
    [0, 0.5],
    [0.5, 0.68379643215535790],
    [2.5, 0.97950389070712363],
]);
