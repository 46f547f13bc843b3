<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Effect\Relaxed\Interval;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\SingularFit;
use Ithys\Statistics\StudentT;

/** Two straight lines that meet at day 0, y = a + b t + d max(t, 0), as references give them. */
final readonly class Hinge
{
    private function __construct(
        private LinearFit $fit,
        public float $variance,
        /** Student's t for 95 %. */
        private float $t,
    ) {
    }

    /**
     * @param  list<float>  $days  from the knot
     * @param  list<float>  $y
     * @param  float  $varianceFloor  residual variance the instrument alone gives
     *
     * @throws SingularFit when the readings cannot fix both slopes
     */
    public static function of(array $days, array $y, float $varianceFloor = 0.0): self
    {
        $fit = LinearFit::of(self::rows($days), $y);

        return new self(
            $fit,
            $fit->variance($varianceFloor),
            StudentT::withDegreesOfFreedom($fit->degreesOfFreedom)->quantile(0.975),
        );
    }

    public function at(float $day): float
    {
        [$a, $b, $d] = $this->fit->coefficients;

        return $a + $b * $day + $d * max($day, 0.0);
    }

    public function slopeBefore(): Interval
    {
        return $this->interval($this->fit->coefficients[1], 0, 1, 0);
    }

    public function slopeAfter(): Interval
    {
        return $this->interval($this->fit->coefficients[1] + $this->fit->coefficients[2], 0, 1, 1);
    }

    public function difference(): Interval
    {
        return $this->interval($this->fit->coefficients[2], 0, 0, 1);
    }

    public function degreesOfFreedom(): int
    {
        return $this->fit->degreesOfFreedom;
    }

    private function interval(float $estimate, float ...$weights): Interval
    {
        $half = $this->t * $this->fit->standardError($this->variance, ...$weights);

        return new Interval($estimate, $estimate - $half, $estimate + $half);
    }

    /**
     * @param  list<float>  $days
     * @return list<non-empty-array<int, float>>
     */
    private static function rows(array $days): array
    {
        return array_map(static fn (float $day): array => [1.0, $day, max($day, 0.0)], $days);
    }
}
