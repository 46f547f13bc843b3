<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** Student's t distribution with $df degrees of freedom. */
final readonly class StudentT
{
    /** Up to which a tail keeps its digits as a difference, and degrees whose sum is shorter than a fraction. */
    private const NEAR = 3.0;

    private const FEW = 60.0;

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
        if (abs($t) < self::NEAR && $this->df <= self::FEW && floor($this->df) === $this->df) {
            return 0.5 + $this->within(abs($t)) / ($t < 0.0 ? -2 : 2);
        }
        $tail = 0.5 * IncompleteBeta::regularized($this->df / ($this->df + $t * $t), $this->df / 2, 0.5);

        return $t > 0 ? 1 - $tail : $tail;
    }

    /**
     * P(|T| ≤ t) for whole degrees of freedom, as a sum of powers of a cosine (Abramowitz and Stegun 26.7.3 and 26.7.4;
     * from memory, checked against the incomplete beta function).
     */
    private function within(float $t): float
    {
        $angle = atan($t / sqrt($this->df));
        $square = cos($angle) ** 2;
        $isOdd = fmod($this->df, 2.0) === 1.0;
        $term = $isOdd ? cos($angle) : 1.0;
        $sum = $isOdd && $this->df < 2.0 ? 0.0 : $term;
        for ($n = $isOdd ? 3 : 2; $n <= $this->df - 2; $n += 2) {
            $term *= $square * ($n - 1) / $n;
            $sum += $term;
        }

        return $isOdd ? M_2_PI * ($angle + sin($angle) * $sum) : sin($angle) * $sum;
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

    /** How densely it lies at t. */
    public function density(float $t): float
    {
        $half = ($this->df + 1) / 2;

        return exp(LogGamma::of($half) - LogGamma::of($this->df / 2) - $half * log1p(($t * $t) / $this->df))
            / sqrt($this->df * M_PI);
    }
}
