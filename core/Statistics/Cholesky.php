<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** A symmetric positive matrix as the product of a triangle and its mirror; the usual way to whiten and to invert. */
final readonly class Cholesky
{
    /** @param  list<list<float>>  $lower  rows up to the diagonal */
    private function __construct(private array $lower)
    {
    }

    /**
     * @param  list<list<float>>  $matrix  symmetric
     *
     * @throws SingularFit when it is not positive
     */
    public static function of(array $matrix): self
    {
        $lower = [];
        foreach ($matrix as $i => $row) {
            $mine = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                $other = $j === $i ? $mine : $lower[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $mine[$k] * $other[$k];
                }
                if ($j === $i) {
                    if ($sum <= 0.0) {
                        throw SingularFit::tooFewObservations(count($matrix), count($matrix));
                    }
                    $mine[] = sqrt($sum);
                } else {
                    $mine[] = $sum / $other[$j];
                }
            }
            $lower[] = $mine;
        }

        return new self($lower);
    }

    /**
     * What the triangle makes of white noise, undone.
     *
     * @param  list<float>  $values
     * @return list<float>
     */
    public function whiten(array $values): array
    {
        $white = [];
        foreach ($this->lower as $i => $row) {
            $sum = $values[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $row[$k] * $white[$k];
            }
            $white[] = $sum / $row[$i];
        }

        return $white;
    }

    /**
     * The matrix undone.
     *
     * @param  list<float>  $values
     * @return list<float>
     */
    public function solve(array $values): array
    {
        $x = $this->whiten($values);
        for ($i = count($x) - 1; $i >= 0; $i--) {
            $sum = $x[$i];
            for ($k = $i + 1; $k < count($x); $k++) {
                $sum -= $this->lower[$k][$i] * $x[$k];
            }
            $x[$i] = $sum / $this->lower[$i][$i];
        }

        return array_values($x);
    }

    /** @return list<list<float>> */
    public function inverse(): array
    {
        $inverse = [];
        foreach (array_keys($this->lower) as $i) {
            $inverse[] = $this->solve(array_map(
                static fn (int $j): float => $j === $i ? 1.0 : 0.0,
                array_keys($this->lower),
            ));
        }

        return $inverse;
    }
}
