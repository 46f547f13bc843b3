<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/**
 * Ordinary least squares by Householder QR: coefficients, residual variance and the inverse of X'X.
 *
 * QR of X itself, not the normal equations, keeps the digits that NIST's regression sets ask for.
 */
final readonly class LinearFit
{
    /**
     * @param  list<float>  $coefficients
     * @param  list<list<float>>  $inverse  (X'X)⁻¹
     */
    private function __construct(
        public array $coefficients,
        public array $inverse,
        public float $residualSumOfSquares,
        public int $degreesOfFreedom,
        /** Logarithm of the determinant of (X'X)⁻¹. */
        public float $logDeterminant,
    ) {
    }

    /**
     * @param  list<non-empty-array<int, float>>  $rows  one row of regressors per observation
     * @param  list<float>  $y
     *
     * @throws SingularFit when there are too few observations or the columns depend on each other
     */
    public static function of(array $rows, array $y): self
    {
        $n = count($rows);
        $p = count($rows[0] ?? []);
        if ($n <= $p) {
            throw SingularFit::tooFewObservations($n, $p);
        }
        for ($k = 0; $k < $p; $k++) {
            [$rows, $y] = self::reflect($rows, $y, $k);
        }
        $coefficients = self::solve($rows, array_slice($y, 0, $p));
        $rss = array_sum(array_map(static fn (float $rest): float => $rest ** 2, array_slice($y, $p)));

        $log = 0.0;
        for ($k = 0; $k < $p; $k++) {
            $log -= 2 * log(abs($rows[$k][$k]));
        }

        return new self($coefficients, self::inverse($rows, $p), $rss, $n - $p, $log);
    }

    /** Residual variance, not below a floor that the instrument sets. */
    public function variance(float $floor = 0.0): float
    {
        return max($this->residualSumOfSquares / $this->degreesOfFreedom, $floor);
    }

    /** Standard error of the sum of weight × coefficient. */
    public function standardError(float $variance, float ...$weights): float
    {
        $sum = 0.0;
        foreach (array_values($weights) as $i => $a) {
            foreach (array_values($weights) as $j => $b) {
                $sum += $a * $b * $this->inverse[$i][$j];
            }
        }

        return sqrt($variance * max($sum, 0.0));
    }

    /**
     * One Householder reflection that clears column k below its diagonal.
     *
     * @param  list<non-empty-array<int, float>>  $rows
     * @param  list<float>  $y
     * @return array{list<non-empty-array<int, float>>, list<float>}
     */
    private static function reflect(array $rows, array $y, int $k): array
    {
        $n = count($rows);
        $p = count($rows[0]);
        $norm = 0.0;
        $whole = 0.0;
        for ($i = 0; $i < $n; $i++) {
            $whole += $rows[$i][$k] ** 2;
            $norm += $i >= $k ? $rows[$i][$k] ** 2 : 0.0;
        }
        if ($norm <= 1e-20 * $whole || $norm === 0.0) {
            throw SingularFit::dependentColumns();
        }
        $alpha = $rows[$k][$k] > 0 ? -sqrt($norm) : sqrt($norm);
        $v = [];
        for ($i = $k; $i < $n; $i++) {
            $v[$i] = $rows[$i][$k];
        }
        $v[$k] -= $alpha;
        $length = array_sum(array_map(static fn (float $part): float => $part ** 2, $v));
        for ($j = $k; $j < $p; $j++) {
            $dot = 0.0;
            foreach ($v as $i => $part) {
                $dot += $part * $rows[$i][$j];
            }
            foreach ($v as $i => $part) {
                $rows[$i][$j] -= 2 * $dot / $length * $part;
            }
        }
        $dot = 0.0;
        foreach ($v as $i => $part) {
            $dot += $part * $y[$i];
        }
        foreach ($v as $i => $part) {
            $y[$i] -= 2 * $dot / $length * $part;
        }

        return [$rows, array_values($y)];
    }

    /**
     * Back substitution in the upper triangle.
     *
     * @param  list<non-empty-array<int, float>>  $r
     * @param  list<float>  $right
     * @return list<float>
     */
    private static function solve(array $r, array $right): array
    {
        $p = count($right);
        for ($k = $p - 1; $k >= 0; $k--) {
            for ($j = $k + 1; $j < $p; $j++) {
                $right[$k] -= $r[$k][$j] * $right[$j];
            }
            $right[$k] /= $r[$k][$k];
        }

        return array_values($right);
    }

    /**
     * (X'X)⁻¹ = R⁻¹ R⁻ᵀ.
     *
     * @param  list<non-empty-array<int, float>>  $r
     * @return list<list<float>>
     */
    private static function inverse(array $r, int $p): array
    {
        $columns = [];
        for ($k = 0; $k < $p; $k++) {
            $unit = array_fill(0, $p, 0.0);
            $unit[$k] = 1.0;
            $columns[] = self::solve($r, array_values($unit));
        }
        $inverse = [];
        for ($i = 0; $i < $p; $i++) {
            $row = [];
            for ($j = 0; $j < $p; $j++) {
                $sum = 0.0;
                foreach ($columns as $column) {
                    $sum += $column[$i] * $column[$j];
                }
                $row[] = $sum;
            }
            $inverse[] = $row;
        }

        return $inverse;
    }
}
