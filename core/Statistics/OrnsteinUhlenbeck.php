<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/**
 * Observations of a process that forgets exponentially (Uhlenbeck and Ornstein 1930), each with noise of its own: what
 * they say of it, in one pass through time (Kalman 1960) instead of by the matrix of all with all.
 *
 * The process u has variance 1 and correlation exp(-days / memory); observation i is scale_i u(day_i) + noise_i.
 */
final readonly class OrnsteinUhlenbeck
{
    /**
     * @param  list<float>  $scales
     * @param  list<float>  $decays  of the process since the observation before
     * @param  list<float>  $gains
     * @param  list<float>  $spreads  standard deviation of each observation, given those before
     * @param  float  $left  variance of the process after the last
     */
    private function __construct(
        private float $memory,
        private float $lastDay,
        private array $scales,
        private array $decays,
        private array $gains,
        private array $spreads,
        private float $left,
    ) {
    }

    /**
     * @param  float  $memory  days
     * @param  list<float>  $days  in order
     * @param  list<float>  $scales
     * @param  list<float>  $variances  of the noise
     *
     * @throws SingularFit where an observation has no variance at all
     */
    public static function observed(float $memory, array $days, array $scales, array $variances): self
    {
        $decays = $gains = $spreads = [];
        $variance = 1.0;
        foreach ($days as $n => $day) {
            $decay = $n === 0 ? 0.0 : exp(-($day - $days[$n - 1]) / $memory);
            $variance = 1 - $decay ** 2 * (1 - $variance);
            $all = $scales[$n] ** 2 * $variance + $variances[$n];
            if ($all <= 0.0) {
                throw SingularFit::tooFewObservations(count($days), count($days));
            }
            $gain = $scales[$n] * $variance / $all;
            $decays[] = $decay;
            $gains[] = $gain;
            $spreads[] = sqrt($all);
            $variance *= 1 - $gain * $scales[$n];
        }

        return new self($memory, $days[count($days) - 1] ?? 0.0, $scales, $decays, $gains, $spreads, $variance);
    }

    /**
     * What each is off by beyond what those before it say, in its own standard deviation: independent of one another.
     *
     * @param  list<float>  $off
     * @return list<float>
     */
    public function whiten(array $off): array
    {
        $white = [];
        $mean = 0.0;
        foreach ($off as $n => $one) {
            $mean *= $this->decays[$n];
            $new = $one - $this->scales[$n] * $mean;
            $mean += $this->gains[$n] * $new;
            $white[] = $new / $this->spreads[$n];
        }

        return $white;
    }

    /**
     * The process on a day not before the last observation, as they say.
     *
     * @param  list<float>  $off
     */
    public function mean(array $off, float $day): float
    {
        $mean = 0.0;
        foreach ($off as $n => $one) {
            $mean *= $this->decays[$n];
            $mean += $this->gains[$n] * ($one - $this->scales[$n] * $mean);
        }

        return $mean * exp(-($day - $this->lastDay) / $this->memory);
    }

    /** Variance of the process then that they leave. */
    public function left(float $day): float
    {
        return 1 - exp(-2 * ($day - $this->lastDay) / $this->memory) * (1 - $this->left);
    }
}
