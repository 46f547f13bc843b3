<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** Student's t distribution with $df degrees of freedom. */
final readonly class StudentT
{
    private function __construct(private float $df)
    {
    }

    public static function withDegreesOfFreedom(float $df): self
    {
        return new self($df);
    }

    /** P(T ≤ t). */
    public function probability(float $t): float
    {
        $tail = 0.5 * IncompleteBeta::regularized($this->df / ($this->df + $t * $t), $this->df / 2, 0.5);

        return $t > 0 ? 1 - $tail : $tail;
    }

    /** The t below which the probability lies; by bisection, good to about 1e-12 relative. */
    public function quantile(float $probability): float
    {
        if ($probability < 0.5) {
            return -$this->quantile(1 - $probability);
        }
        $high = 1.0;
        while ($this->probability($high) < $probability) {
            $high *= 2;
        }
        $low = 0.0;
        for ($step = 0; $step < 200 && $high - $low > 1e-14 * max(1.0, $high); $step++) {
            $middle = ($low + $high) / 2;
            $this->probability($middle) < $probability ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
