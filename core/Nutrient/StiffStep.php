<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/**
 * A step where something turns over much faster than the rest, as bacteria do at the end of their phosphate. An
 * explicit method would have to follow the fast part all along; this one solves for it.
 *
 * Method: RODAS, a Rosenbrock method of order 4 with an error of order 3 (Hairer and Wanner 1996); coefficients from
 * memory, held by what an explicit method finds.
 */
final readonly class StiffStep
{
    private const GAMMA = 0.25;

    private const A = [
        [],
        [1.544],
        [0.9466785280815826, 0.2557011698983284],
        [3.314825187068521, 2.896124015972201, 0.9986419139977817],
        [1.221224509226641, 6.019134481288629, 12.53708332932087, -0.6878860361058950],
    ];

    private const C = [
        [],
        [-5.6688],
        [-2.430093356833875, -0.2063599157091915],
        [-0.1073529058151375, -9.594562251023355, -20.47028614809616],
        [7.496443313967647, -10.24680431464352, -33.99990352819905, 11.70890893206160],
        [8.083246795921522, -7.981132988064893, -31.52159432874371, 16.31930543123136, -6.058818238834054],
    ];

    /** Times of the stages, and what the drift of the forcing counts in them. */
    private const AT = [0.0, 0.386, 0.21, 0.63, 1.0, 1.0];

    private const D = [0.25, -0.1043, 0.1035, -0.03620000000000023, 0.0, 0.0];

    /** Share of a number by which it is nudged for a slope, and the least it is nudged by. */
    private const NUDGE = 1e-7;

    /** @var list<array<int, float>> slopes of states and lines, by the number that is nudged */
    private array $slopes;

    /** @var array{float, float} */
    private array $drift;

    /** @param  array<int, float>  $y  the state at the day */
    public function __construct(private Piece $piece, private float $day, private array $y)
    {
        [$n, $p] = $piece->forcing($day);
        $here = $piece->rates($y, $n, $p);
        $slopes = [];
        foreach ($y as $i => $one) {
            $nudge = self::NUDGE * max(abs($one), 1e-2);
            $moved = $y;
            $moved[$i] = $one + $nudge;
            $slopes[] = array_map(
                static fn (float $there, float $was): float => ($there - $was) / $nudge,
                $piece->rates($moved, $n, $p),
                $here,
            );
        }
        $this->slopes = $slopes;
        [$later, $laterP] = $piece->forcing($day + 1e-4);
        $this->drift = [($later - $n) / 1e-4, ($laterP - $p) / 1e-4];
    }

    /**
     * @param  float  $step  days
     * @return array{array<int, float>, array<int, float>, array{float, float}, array<int, float>} the state, what came
     *   to the lines, what the method made of the forcing, and the error of the state
     */
    public function by(float $step): array
    {
        $n = $this->piece->size;
        $factors = $this->factored($step);
        $u = $lines = $forced = [];
        $at = $this->y;
        for ($stage = 0; $stage < 6; $stage++) {
            if ($stage < 5) {
                $at = $this->y;
                foreach (self::A[$stage] as $j => $weight) {
                    for ($i = 0; $i < $n; $i++) {
                        $at[$i] += $weight * $u[$j][$i];
                    }
                }
            } else {
                for ($i = 0; $i < $n; $i++) {
                    $at[$i] += $u[4][$i];
                }
            }
            [$pN, $pP] = $this->piece->forcing($this->day + self::AT[$stage] * $step);
            $rates = $this->piece->rates($at, $pN, $pP);
            $drift = $step * self::D[$stage];
            $right = array_slice($rates, 0, $n);
            $right[0] += $drift * $this->drift[0];
            $right[1] += $drift * $this->drift[1];
            $line = array_slice($rates, $n);
            $force = [$pN + $drift * $this->drift[0], $pP + $drift * $this->drift[1]];
            foreach (self::C[$stage] as $j => $weight) {
                $share = $weight / $step;
                for ($i = 0; $i < $n; $i++) {
                    $right[$i] += $share * $u[$j][$i];
                }
                foreach ($line as $l => $one) {
                    $line[$l] = $one + $share * $lines[$j][$l];
                }
                $force = [$force[0] + $share * $forced[$j][0], $force[1] + $share * $forced[$j][1]];
            }
            $u[] = $solved = self::solved($factors, $right);
            $scale = self::GAMMA * $step;
            foreach ($line as $l => $one) {
                $sum = $one;
                foreach ($solved as $i => $each) {
                    $sum += $this->slopes[$i][$n + $l] * $each;
                }
                $line[$l] = $scale * $sum;
            }
            $lines[] = $line;
            $forced[] = [$scale * $force[0], $scale * $force[1]];
        }
        for ($i = 0; $i < $n; $i++) {
            $at[$i] += $u[5][$i];
        }

        return [$at, self::summed($lines), self::pair(self::summed($forced)), $u[5]];
    }

    /**
     * What a number became over the stages: the fifth stage and what the last two add.
     *
     * @param  list<array<int, float>>  $stages
     * @return array<int, float>
     */
    private static function summed(array $stages): array
    {
        $sum = [];
        foreach (array_keys($stages[0]) as $i) {
            $sum[$i] = $stages[4][$i] + $stages[5][$i];
            foreach (self::A[4] as $j => $weight) {
                $sum[$i] += $weight * $stages[$j][$i];
            }
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $sum
     * @return array{float, float}
     */
    private static function pair(array $sum): array
    {
        return [$sum[0] ?? 0.0, $sum[1] ?? 0.0];
    }

    /**
     * The matrix 1/(hγ) - J, taken apart with the greatest pivots.
     *
     * @return array{array<int, array<int, float>>, list<int>}
     */
    private function factored(float $step): array
    {
        $n = $this->piece->size;
        $matrix = [];
        for ($row = 0; $row < $n; $row++) {
            for ($column = 0; $column < $n; $column++) {
                $matrix[$row][$column] = ($row === $column ? 1 / (self::GAMMA * $step) : 0.0)
                    - $this->slopes[$column][$row];
            }
        }
        $order = range(0, $n - 1);
        for ($k = 0; $k < $n; $k++) {
            $pivot = $k;
            for ($row = $k + 1; $row < $n; $row++) {
                $pivot = abs($matrix[$row][$k]) > abs($matrix[$pivot][$k]) ? $row : $pivot;
            }
            [$matrix[$k], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$k]];
            [$order[$k], $order[$pivot]] = [$order[$pivot], $order[$k]];
            for ($row = $k + 1; $row < $n; $row++) {
                $share = $matrix[$row][$k] / $matrix[$k][$k];
                $matrix[$row][$k] = $share;
                if ($share !== 0.0) {
                    for ($column = $k + 1; $column < $n; $column++) {
                        $matrix[$row][$column] -= $share * $matrix[$k][$column];
                    }
                }
            }
        }

        return [$matrix, array_values($order)];
    }

    /**
     * @param  array{array<int, array<int, float>>, list<int>}  $factors
     * @param  array<int, float>  $right
     * @return list<float>
     */
    private static function solved(array $factors, array $right): array
    {
        [$matrix, $order] = $factors;
        $x = [];
        foreach ($order as $k => $row) {
            $sum = $right[$row];
            for ($j = 0; $j < $k; $j++) {
                $sum -= $matrix[$k][$j] * $x[$j];
            }
            $x[] = $sum;
        }
        for ($k = count($x) - 1; $k >= 0; $k--) {
            for ($j = $k + 1; $j < count($x); $j++) {
                $x[$k] -= $matrix[$k][$j] * $x[$j];
            }
            $x[$k] /= $matrix[$k][$k];
        }

        return array_values($x);
    }
}
