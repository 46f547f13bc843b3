<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

use Ithys\Statistics\SingularFit;

/**
 * All that evidences and intervals need at one point of the grid: sums of products of the change of input, the readings
 * and each step that is tried, whitened, with what is always in the model taken out.
 *
 * Source: the verdict's method that ships with the project, section 9.
 */
final readonly class Products
{
    private const TINY = 1e-12;

    /**
     * @param  array{float, float, float}  $own  of the input with itself, with the readings, and of these
     * @param  list<array{float, float, float}>  $steps  of each step with the input, itself and the readings
     * @param  int  $freedom  readings less what is always in the model
     * @param  float  $logs  of the variances of the readings and of the determinant of what is always in it, summed
     */
    private function __construct(
        private array $own,
        private array $steps,
        public int $freedom,
        private float $logs,
    ) {
    }

    /**
     * @param  list<non-empty-list<float>>  $rows  whitened, of each reading: what is always in the model, the change of
     *   input, the steps and the reading
     * @param  int  $always  how many are always in it
     *
     * @throws SingularFit
     */
    public static function of(array $rows, int $always, float $logs): self
    {
        $n = count($rows);
        $columns = [];
        foreach ($rows as $row) {
            foreach ($row as $c => $value) {
                $columns[$c][] = $value;
            }
        }
        if ($n <= $always + 1) {
            throw SingularFit::tooFewObservations($n, $always + 1);
        }
        $all = count($columns);
        $norms = [];
        for ($c = 0; $c < $always; $c++) {
            $whole = self::dot($rows, $c);
            $norm = self::product($columns[$c], $columns[$c]);
            if ($norm <= self::TINY * max($whole, 1e-300)) {
                throw SingularFit::dependentColumns();
            }
            $norms[$c] = $norm;
            $logs += log($norm);
            for ($other = $c + 1; $other < $all; $other++) {
                if ($other > $always && $other < $all - 1) {
                    continue;
                }
                $share = self::product($columns[$c], $columns[$other]) / $norm;
                foreach ($columns[$c] as $i => $value) {
                    $columns[$other][$i] -= $share * $value;
                }
            }
        }
        $input = $columns[$always];
        $read = $columns[$all - 1];
        $dd = self::product($input, $input);
        if ($dd <= self::TINY * max(self::dot($rows, $always), 1e-300)) {
            throw SingularFit::dependentColumns();
        }
        $steps = [];
        for ($c = $always + 1; $c < $all - 1; $c++) {
            // What is always in the model is taken out of the products alone; before its day a step is nothing.
            $step = array_filter($columns[$c]);
            $own = self::product($step, $step);
            for ($q = 0; $q < $always; $q++) {
                $own -= self::product($step, $columns[$q]) ** 2 / $norms[$q];
            }
            $steps[] = [self::product($step, $input), max(0.0, $own), self::product($step, $read)];
        }

        return new self(
            [$dd, self::product($input, $read), self::product($read, $read)],
            $steps,
            $n - $always,
            $logs,
        );
    }

    /** What is left of the readings with the change of input in, and a step. */
    public function rest(?int $step): float
    {
        [$dd, $dy, $yy] = $this->own;
        if ($step === null) {
            return max(0.0, $yy - $dy ** 2 / $dd);
        }
        [$ds, $ss, $sy] = $this->steps[$step];
        $determinant = $this->determinant($step);
        if ($determinant <= self::TINY * $dd * $ss) {
            return max(0.0, $yy - $dy ** 2 / $dd);
        }

        return max(0.0, $yy - ($dy ** 2 * $ss - 2 * $dy * $sy * $ds + $sy ** 2 * $dd) / $determinant);
    }

    /**
     * Log of the evidence of a model, less a constant.
     *
     * @param  bool  $withInput  whether the input changed
     * @param  ?int  $step  which step is in it
     * @param  array{float, float}  $prior  variances of both beforehand, in units of that of a reading
     * @param  float  $floor  least variance of a reading
     */
    public function evidence(bool $withInput, ?int $step, array $prior, float $floor): float
    {
        [$dd, $dy, $yy] = $this->own;
        [$ds, $ss, $sy] = $step === null ? [0.0, 0.0, 0.0] : $this->steps[$step];
        // What is not in the model has no variance at all.
        $a = $withInput ? $dd + 1 / $prior[0] : 1.0;
        $b = $step === null ? 1.0 : $ss + 1 / $prior[1];
        $c = $withInput && $step !== null ? $ds : 0.0;
        [$p, $q] = [$withInput ? $dy : 0.0, $step === null ? 0.0 : $sy];
        $determinant = $a * $b - $c ** 2;
        $rest = max(0.0, $yy - ($p ** 2 * $b - 2 * $p * $q * $c + $q ** 2 * $a) / $determinant);
        $variance = max($rest / $this->freedom, $floor);
        $spread = $determinant * ($withInput ? $prior[0] : 1.0) * ($step === null ? 1.0 : $prior[1]);

        return -$this->freedom / 2 * log($variance) - $rest / (2 * $variance) - log($spread) / 2 - $this->logs / 2;
    }

    /**
     * Restricted log likelihood with the input and a step in, both flat.
     *
     * @param  float  $floor  least variance of a reading
     */
    public function likelihood(?int $step, float $floor): float
    {
        $freedom = $this->freedom - ($step === null ? 1 : 2);
        $rest = max($this->rest($step), $floor * $freedom * 1e-6, 1e-300);
        $determinant = $step === null ? $this->own[0] : max($this->determinant($step), 1e-300);

        return -$freedom / 2 * log($rest) - $this->logs / 2 - log($determinant) / 2;
    }

    /**
     * The change of input with a step in, both flat; null where they cannot be told apart.
     *
     * @return ?array{float, float} mg/L a day, and its standard error
     */
    public function input(?int $step, float $floor): ?array
    {
        [$dd, $dy] = $this->own;
        $variance = $this->variance($step, $floor);
        if ($step === null) {
            return [$dy / $dd, sqrt($variance / $dd)];
        }
        [$ds, $ss, $sy] = $this->steps[$step];
        $determinant = $this->determinant($step);

        return $determinant <= self::TINY * $dd * $ss
            ? null
            : [($ss * $dy - $ds * $sy) / $determinant, sqrt($variance * $ss / $determinant)];
    }

    /**
     * A step with the change of input in, both flat; null where they cannot be told apart.
     *
     * @return ?array{float, float} mg/L, and its standard error
     */
    public function step(int $step, float $floor): ?array
    {
        [$dd, $dy] = $this->own;
        [$ds, $ss, $sy] = $this->steps[$step];
        $determinant = $this->determinant($step);

        return $determinant <= self::TINY * $dd * $ss
            ? null
            : [
                ($dd * $sy - $ds * $dy) / $determinant,
                sqrt($this->variance($step, $floor) * $dd / $determinant),
            ];
    }

    /** Of a reading, with the input and a step in. */
    public function variance(?int $step, float $floor): float
    {
        return max($this->rest($step) / ($this->freedom - ($step === null ? 1 : 2)), $floor);
    }

    private function determinant(int $step): float
    {
        [$ds, $ss] = $this->steps[$step];

        return $this->own[0] * $ss - $ds ** 2;
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function product(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $value) {
            $sum += $value * $other[$i];
        }

        return $sum;
    }

    /** @param  list<non-empty-list<float>>  $rows */
    private static function dot(array $rows, int $column): float
    {
        $sum = 0.0;
        foreach ($rows as $row) {
            $sum += ($row[$column] ?? 0.0) ** 2;
        }

        return $sum;
    }
}
