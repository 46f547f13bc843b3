<?php

declare(strict_types=1);

use Ithys\Panel\Plate;
use Ithys\Panel\Support;

// The core solves plates by Lévy's single series; here they are held to Navier's double series (Timoshenko &
// Woinowsky-Krieger, Theory of Plates and Shells, chapter 5), another way to the same answer, written out anew: four
// edges simply supported.

/**
 * Greatest deflection w D / (q0 b^4) and moment 6 M / (q0 b^2) of a plate of length a and height b = 1.
 *
 * @param  callable(int): float  $load  coefficient of the load over n, that over m being 4 / (m pi)
 * @return array{float, float}
 */
function navier(float $a, callable $load, float $poisson, int $terms = 61, int $points = 40): array
{
    $deflection = $moment = 0.0;
    for ($i = 1; $i < $points; $i++) {
        $w = $along = $across = 0.0;
        for ($m = 1; $m <= $terms; $m += 2) {
            for ($n = 1; $n <= $terms; $n++) {
                $stiff = ($m / $a) ** 2 + $n ** 2;
                $part
                    = (((4 / ($m * M_PI)) * $load($n)) / (M_PI ** 4 * $stiff ** 2))
                    * sin(($m * M_PI) / 2)
                    * sin(($n * M_PI * $i) / $points);
                $w += $part;
                $along += $part * M_PI ** 2 * (($m / $a) ** 2 + $poisson * $n ** 2);
                $across += $part * M_PI ** 2 * ($n ** 2 + $poisson * ($m / $a) ** 2);
            }
        }
        $deflection = max($deflection, $w);
        $moment = max($moment, $along, $across);
    }

    return [$deflection, 6 * $moment];
}

it('agrees with the double series under a triangle of water', function (float $ratio, float $poisson): void {
    // q = q0 y / b: over n the coefficient is 2 (-1)^(n + 1) / (n pi).
    [$deflection, $stress] = navier($ratio, fn (int $n): float => 2 * ($n % 2 === 1 ? 1 : -1) / ($n * M_PI), $poisson);
    $plate = Plate::solve($ratio, Support::FourEdges, $poisson);
    expect($plate->deflection)->toAgreeWith($deflection, 1e-3)->and($plate->stress)->toAgreeWith($stress, 5e-3);
})->with([0.5, 0.8, 1.0, 1.6, 2.4, 3.5])->with(['glass' => 0.22, 'acrylic' => 0.37]);

it('agrees with the double series under an even pressure', function (float $ratio, float $poisson): void {
    // q = q0: over n the coefficient is 4 / (n pi) for odd n, and nothing for even ones.
    [$deflection, $stress] = navier($ratio, fn (int $n): float => $n % 2 === 1 ? 4 / ($n * M_PI) : 0.0, $poisson);
    $plate = Plate::lying($ratio, $poisson);
    expect($plate->deflection)->toAgreeWith($deflection, 1e-3)->and($plate->stress)->toAgreeWith($stress, 5e-3);
})->with([0.5, 0.8, 1.0, 1.6, 2.4, 3.5])->with(['glass' => 0.22, 'acrylic' => 0.37]);

it('bends further the longer it is, and much further with a free top', function (): void {
    $last = [0.0, 0.0, 0.0];
    foreach ([0.5, 0.75, 1.0, 1.5, 2.0, 3.0] as $ratio) {
        $now = [
            Plate::solve($ratio, Support::FourEdges, 0.22)->deflection,
            Plate::solve($ratio, Support::FreeTop, 0.22)->deflection,
            Plate::lying($ratio, 0.22)->deflection,
        ];
        foreach ($now as $i => $deflection) {
            expect($deflection)->toBeGreaterThan($last[$i]);
        }
        expect($now[1])->toBeGreaterThan($now[0])->and($now[2])->toBeGreaterThan($now[0]);
        $last = $now;
    }
    // Common warning of the trade: a table for four edges must not be read for a free top: 1.8, 7 and 17 times as far
    // at 1, 2 and 3 to 1.
    foreach ([[1.0, 1.8], [2.0, 7.0], [3.0, 17.0]] as [$ratio, $times]) {
        expect(
            Plate::solve($ratio, Support::FreeTop, 0.3)->deflection
                / Plate::solve($ratio, Support::FourEdges, 0.3)->deflection,
        )->toAgreeWith($times, 0.05);
    }
});
