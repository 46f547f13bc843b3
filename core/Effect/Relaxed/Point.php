<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

use Ithys\Statistics\LinearFit;

/** One model of those that are averaged over: how much is lost and how far the input wanders. */
final readonly class Point
{
    /** @var list<list<float>> */
    public array $columns;

    /** @var list<float> */
    public array $source;

    public function __construct(
        /** Share lost a day. */
        public float $loss,
        /** Variance of the wandering input, in units of that of a reading. */
        public float $strength,
        public LinearFit $fit,
        /** Variance of a reading, (mg/L)². */
        public float $variance,
        /** Sum of the logarithms of the variances of the readings. */
        private float $logs,
        public Sight $sight,
        public float $weight = 1.0,
    ) {
        $this->columns = $sight->columns;
        $this->source = $sight->source;
    }

    /** What is fitted to a reading, without what new water brought. */
    public function fittedAt(int $reading): float
    {
        $sum = 0.0;
        foreach ($this->columns as $c => $column) {
            $sum += $this->fit->coefficients[$c] * $column[$reading];
        }

        return $sum;
    }

    /** Restricted, less a constant. */
    public function logLikelihood(): float
    {
        return -0.5 * $this->fit->degreesOfFreedom * log(max($this->fit->residualSumOfSquares, 1e-300))
            - 0.5 * $this->logs
            + 0.5 * $this->fit->logDeterminant;
    }

    public function weighing(float $weight): self
    {
        return new self($this->loss, $this->strength, $this->fit, $this->variance, $this->logs, $this->sight, $weight);
    }

    /** @return list<float> what is left of each whitened reading */
    public function rests(): array
    {
        return array_map(function (array $row, float $y): float {
            foreach ($row as $c => $x) {
                $y -= $this->fit->coefficients[$c] * $x;
            }

            return $y;
        }, $this->sight->rows, $this->sight->y);
    }
}
