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

    /**
     * The t below which the probability lies, good to about 1e-12 relative; Newton's steps, halved wherever they leave
     * the bracket.
     */
    public function quantile(float $probability): float
    {
        if ($probability < 0.5) {
            return -$this->quantile(1 - $probability);
        }
        $high = 2.0;
        while ($this->probability($high) < $probability) {
            $high *= 2;
        }
        $low = 0.0;
        $t = $high / 2;
        for ($step = 0; $step < 100; $step++) {
            $excess = $this->probability($t) - $probability;
            $excess < 0 ? $low = $t : $high = $t;
            $next = $t - $excess / $this->density($t);
            $next = $next > $low && $next < $high ? $next : ($low + $high) / 2;
            if (abs($next - $t) <= 1e-14 * max(1.0, $t)) {
                break;
            }
            $t = $next;
        }

        return $t;
    }

    private function density(float $t): float
    {
        $half = ($this->df + 1) / 2;

        return exp(LogGamma::of($half) - LogGamma::of($this->df / 2) - $half * log1p(($t * $t) / $this->df))
            / sqrt($this->df * M_PI);
    }
}
