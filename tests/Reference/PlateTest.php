<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Panel\Material;
use Ithys\Panel\PanelLoad;
use Ithys\Panel\Plate;
use Ithys\Panel\Support;

// Rectangular plate under triangular water load, simply supported, nu 0.3 (Timoshenko & Woinowsky-Krieger). Values by
// two independent methods outside the project: Navier and Lévy series with mpmath, and CalculiX 2.20 S8R shells, which
// agree within 5e-3.
const PLATE_TOLERANCE = 5e-3;

it('bends as far as the series and the shells say', function (Support $support, float $ratio, float $wdOverQ): void {
    expect(Plate::solve($ratio, $support, 0.3)->deflection)->toAgreeWith($wdOverQ, 2e-4);
})->with([
    'four edges, 0.5' => [Support::FourEdges, 0.5, 0.00034017243160286084],
    'four edges, 0.667' => [Support::FourEdges, 0.667, 0.0007901471127132836],
    'four edges, square' => [Support::FourEdges, 1.0, 0.002054180568346424],
    'four edges, 2' => [Support::FourEdges, 2.0, 0.005079050008342109],
    'four edges, 3' => [Support::FourEdges, 3.0, 0.00612892250133071],
    'four edges, 4' => [Support::FourEdges, 4.0, 0.006421279186358486],
    'free top, 0.5' => [Support::FreeTop, 0.5, 0.0003489328240954065],
    'free top, square' => [Support::FreeTop, 1.0, 0.00367923605952044],
    'free top, 2' => [Support::FreeTop, 2.0, 0.036703092868535805],
]);

/** w E t^3 / (q0 H^4), the form of the printed tables. */
it('has the deflection of the printed tables', function (Support $support, float $ratio, float $alpha): void {
    expect(Plate::solve($ratio, $support, 0.3)->deflection * 12 * (1 - 0.09))->toAgreeWith($alpha, PLATE_TOLERANCE);
})->with([
    [Support::FourEdges, 0.5, 0.0037146829531032404],
    [Support::FourEdges, 0.667, 0.008628406470829058],
    [Support::FourEdges, 1.0, 0.022431651806342948],
    [Support::FourEdges, 1.5, 0.04236553174918683],
    [Support::FourEdges, 2.0, 0.05546322609109583],
    [Support::FreeTop, 0.667, 0.00963929453425052],
    [Support::FreeTop, 1.5, 0.167871017807645],
    [Support::FreeTop, 2.5, 0.7346159426177121],
    [Support::FreeTop, 3.0, 1.16249229319503],
]);

/** max(6 Mx, 6 My) / (q0 H^2). */
it('has the bending stress of the series and the shells', function (Support $support, float $ratio, float $beta): void {
    expect(Plate::solve($ratio, $support, 0.3)->stress)->toAgreeWith($beta, PLATE_TOLERANCE);
})->with([
    [Support::FourEdges, 0.5, 0.08396372152504866],
    [Support::FourEdges, 2.0, 0.31716877279733896],
    [Support::FourEdges, 2.5, 0.3498290762370248],
    [Support::FourEdges, 3.0, 0.3670357353377972],
    [Support::FreeTop, 0.5, 0.08539273265994679],
    [Support::FreeTop, 1.5, 0.3579296073543383],
    [Support::FreeTop, 2.0, 0.4730304991604396],
    [Support::FreeTop, 2.5, 0.5450037371817409],
]);

// Glass at E 70 GPa, nu 0.22, seawater 1025 kg/m³; examples by the same two methods.
it('works out glass panels as the examples do', function (
    Support $support,
    float $length,
    float $height,
    float $thickness,
    float $pressure,
    float $force,
    ?float $stress,
    ?float $deflection,
): void {
    $load = PanelLoad::of($length, $height, $thickness, Material::Glass, $support, Assumptions::standard(), 1025.0);
    expect($load->pressure)->toAgreeWith($pressure, 1e-9)->and($load->force)->toAgreeWith($force, 1e-9);
    $stress === null ?: expect($load->stress)->toAgreeWith($stress, PLATE_TOLERANCE);
    $deflection === null ?: expect($load->deflectionMm)->toAgreeWith($deflection, PLATE_TOLERANCE);
})->with([
    'rimless 90 x 45 cm, 10 mm' => [
        Support::FreeTop,
        900,
        450,
        10,
        4523.3173125,
        915.9717557812501,
        4.194553228364623,
        null,
    ],
    'braced 90 x 45 cm, 10 mm' => [
        Support::FourEdges,
        900,
        450,
        10,
        4523.3173125,
        915.9717557812501,
        2.868368605960196,
        0.15368349842039639,
    ],
    'braced 120 x 60 cm, 12 mm' => [
        Support::FourEdges,
        1200,
        600,
        12,
        6031.08975,
        2171.19231,
        4.721594413103209,
        0.37478066982568853,
    ],
    'rimless 40 x 40 cm, 6 mm' => [
        Support::FreeTop,
        400,
        400,
        6,
        4020.7265,
        321.65812000000005,
        3.5239870923375003,
        null,
    ],
]);

// Tables printed for four edges mislead for a free top: 1.8, 7 and 17 times the deflection at length over height of 1,
// 2 and 3.
it('bends many times further with a free top', function (float $ratio, float $times): void {
    expect(
        Plate::solve($ratio, Support::FreeTop, 0.3)->deflection
            / Plate::solve($ratio, Support::FourEdges, 0.3)->deflection,
    )->toAgreeWith($times, 0.06);
})->with([[1.0, 1.8], [2.0, 7.2], [3.0, 17.3]]);

// Timoshenko's square plate under a triangular load (from memory): 0.00203 q0 a^4 / D and 0.0239 q0 a^2 at the centre;
// the greatest lies lower and is an eighth more.
it('is near Timoshenko\'s square plate', function (): void {
    $square = Plate::solve(1.0, Support::FourEdges, 0.3);
    expect($square->deflection)->toAgreeWith(0.00203, 0.02)->and($square->stress / 6)->toAgreeWith(0.0239, 0.14);
});

// A bottom that hangs in its frame: even pressure, four edges simply supported, nu 0.3. Timoshenko & Woinowsky-Krieger,
// table 8, from memory.
it('bends under an even pressure as the table of the handbook has it', function (
    float $ratio,
    float $deflection,
    float $moment,
): void {
    $plate = Plate::lying($ratio, 0.3);
    expect($plate->deflection)
        ->toAgreeWith($deflection, PLATE_TOLERANCE)
        ->and($plate->stress / 6)
        ->toAgreeWith($moment, PLATE_TOLERANCE);
})->with([
    'square' => [1.0, 0.00406, 0.0479],
    '1.5' => [1.5, 0.00772, 0.0812],
    '2' => [2.0, 0.01013, 0.1017],
    '3' => [3.0, 0.01223, 0.1189],
]);

// Law of superposition: an even pressure is a triangle and the same triangle upside down; at the middle of a square
// both give the half.
it('bends at the middle of a square twice as far under an even pressure as under a triangle', function (): void {
    expect(Plate::lying(1.0, 0.3)->deflection)->toAgreeWith(2 * 0.002031176330317119, 2e-4)
        ->and(Plate::lying(1.0, 0.3)->stress / 6)->toAgreeWith(2 * 0.023943184580573575, 2e-3);
});

it(
    'carries the whole weight of the water on a bottom, and bends the same whichever side is called its length',
    function (): void {
        $one = PanelLoad::lying(800, 320, 360, 6, Material::Glass, Assumptions::standard(), 1025.0);
        $other = PanelLoad::lying(320, 800, 360, 6, Material::Glass, Assumptions::standard(), 1025.0);
        // rho g V of 0.8 x 0.32 x 0.36 m of seawater at 1025 kg/m3.
        expect($one->force)
            ->toAgreeWith(1025 * 9.80665 * 0.8 * 0.32 * 0.36, 1e-12)
            ->and($one->deflectionMm)
            ->toAgreeWith($other->deflectionMm, 2e-3)
            ->and($one->stress)
            ->toAgreeWith($other->stress, 2e-3);
    },
);
