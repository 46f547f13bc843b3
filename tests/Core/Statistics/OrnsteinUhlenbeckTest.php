<?php

declare(strict_types=1);

use Ithys\Statistics\Cholesky;
use Ithys\Statistics\OrnsteinUhlenbeck;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('says in one pass what the matrix of all with all says', function (): void {
    $random = new Randomizer(new Mt19937(5));
    $memory = 42.0;
    $days = $scales = $noise = $off = [];
    for ($n = 0; $n < 60; $n++) {
        $days[] = ($days[$n - 1] ?? 0.0) + $random->getInt(0, 80) / 10;
        $scales[] = 0.1 + $random->getInt(0, 100) / 100;
        $noise[] = 0.01 + $random->getInt(0, 100) / 400;
        $off[] = $random->getInt(-200, 200) / 100;
    }
    $matrix = [];
    foreach ($days as $i => $day) {
        foreach ($days as $j => $other) {
            $matrix[$i][$j] = $scales[$i] * $scales[$j] * exp(-abs($day - $other) / $memory)
                + ($i === $j ? $noise[$i] : 0.0);
        }
    }
    $all = Cholesky::of($matrix);
    $filter = OrnsteinUhlenbeck::observed($memory, $days, $scales, $noise);
    $then = $days[59] + 9.0;
    $with = array_map(
        static fn (float $scale, float $day): float => $scale * exp(-($then - $day) / $memory),
        $scales,
        $days,
    );
    $dot = static fn (array $one, array $other): float => array_sum(
        array_map(static fn (float $a, float $b): float => $a * $b, $one, $other),
    );
    foreach ($all->whiten($off) as $n => $white) {
        expect($filter->whiten($off)[$n])->toEqualWithDelta($white, 1e-9);
    }
    expect($filter->mean($off, $then))->toEqualWithDelta($dot($with, $all->solve($off)), 1e-9)
        ->and($filter->left($then))->toEqualWithDelta(1 - $dot($with, $all->solve($with)), 1e-9);
});

it('says of each what all the others say, as the matrix of all with all does', function (): void {
    $days = [0.0, 3.0, 3.5, 9.0, 30.0, 31.0];
    [$scales, $noise, $off] = [[1, 2, 1.5, 1, 0.5, 2], [0.5, 1, 0.2, 2, 0.3, 1], [1, -2, 3, 0.5, -1, 2]];
    $all = [];
    foreach ($days as $i => $day) {
        foreach ($days as $j => $other) {
            $all[$i][$j] = $scales[$i] * $scales[$j] * exp(-abs($day - $other) / 14) + ($i === $j ? $noise[$i] : 0.0);
        }
    }
    $inverse = Cholesky::of($all)->inverse();
    $without = OrnsteinUhlenbeck::observed(14.0, $days, $scales, $noise)->without($off);
    foreach ($inverse as $i => $row) {
        $sum = array_sum(array_map(fn (float $one, float $by): float => $one * $by, $row, $off));
        [$mean, $variance] = $without[$i];
        expect($off[$i] - $scales[$i] * $mean)->toEqualWithDelta($sum / $row[$i], 1e-9)
            ->and($scales[$i] ** 2 * $variance + $noise[$i])->toEqualWithDelta(1 / $row[$i], 1e-9);
    }
});
