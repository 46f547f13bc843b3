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
    /** @var list<float> of the process since the observation before */
    private array $decays;

    /** @var list<float> */
    private array $gains;

    /** @var list<float> standard deviation of each observation, given those before */
    private array $spreads;

    /** @var list<float> variance of the process at each, given those before */
    private array $before;

    /** Variance of the process after the last. */
    private float $left;

    /**
     * @param  list<float>  $days
     * @param  list<float>  $scales
     * @param  list<float>  $variances
     *
     * @throws SingularFit
     */
    private function __construct(
        private float $memory,
        private array $days,
        private array $scales,
        private array $variances,
    ) {
        $decays = $gains = $spreads = $before = [];
        $variance = 1.0;
        foreach ($days as $n => $day) {
            $decay = $n === 0 ? 0.0 : exp(-($day - $days[$n - 1]) / $memory);
            $variance = 1 - $decay ** 2 * (1 - $variance);
            $before[] = $variance;
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
        [$this->decays, $this->gains, $this->spreads, $this->before] = [$decays, $gains, $spreads, $before];
        $this->left = $variance;
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
        return new self($memory, $days, $scales, $variances);
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

        return $mean * exp(-($day - $this->lastDay()) / $this->memory);
    }

    /**
     * What all but one of them say of the process at that one, by two passes, there and back.
     *
     * @param  list<float>  $off
     * @return list<array{float, float}> mean and variance at each, without it
     */
    public function without(array $off): array
    {
        $forth = $this->expected($off);
        $days = array_map(static fn (float $day): float => -$day, array_reverse($this->days));
        $mirror = self::observed(
            $this->memory,
            $days,
            array_reverse($this->scales),
            array_reverse($this->variances),
        );
        $back = array_reverse($mirror->expected(array_reverse($off)));
        $spread = array_reverse($mirror->before);
        $without = [];
        foreach ($forth as $n => $mean) {
            // Both passes count what is known beforehand, of variance 1.
            $weight = 1 / $this->before[$n] + 1 / $spread[$n] - 1;
            $without[] = [($mean / $this->before[$n] + $back[$n] / $spread[$n]) / $weight, 1 / $weight];
        }

        return $without;
    }

    /**
     * @param  list<float>  $off
     * @return list<float> the process at each, as those before it say
     */
    private function expected(array $off): array
    {
        $expected = [];
        $mean = 0.0;
        foreach ($off as $n => $one) {
            $mean *= $this->decays[$n];
            $expected[] = $mean;
            $mean += $this->gains[$n] * ($one - $this->scales[$n] * $mean);
        }

        return $expected;
    }

    private function lastDay(): float
    {
        return $this->days[count($this->days) - 1] ?? 0.0;
    }

    /** Variance of the process then that they leave. */
    public function left(float $day): float
    {
        return 1 - exp(-2 * ($day - $this->lastDay()) / $this->memory) * (1 - $this->left);
    }
}
