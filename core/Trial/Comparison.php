<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Statistics\Groups;
use Ithys\Statistics\TPower;
use Ithys\Statistics\Welch;

/** Two arms compared by the figures of their units. */
final readonly class Comparison
{
    private function __construct(
        /** Numbers of the arms. */
        public int $one,
        public int $other,
        private float $difference,
        private ?Welch $welch,
        /** By exchanging units; null where there are too many ways. */
        private ?float $exchange,
        /** Two-sided. */
        public float $p,
        private float $step,
    ) {
    }

    /**
     * @param  list<float>  $levels  of the units of the one
     * @param  list<float>  $against  of the other
     */
    public static function of(int $one, int $other, array $levels, array $against, Scatter $scatter): self
    {
        // Units that read alike still differ within a step of the kit.
        $welch = Welch::of($levels, $against, $scatter->least());

        return new self(
            $one,
            $other,
            Welch::mean($levels) - Welch::mean($against),
            $welch,
            Groups::exchange($levels, $against),
            $welch->p ?? 1.0,
            $scatter->step,
        );
    }

    /** With its p among several. */
    public function among(float $p): self
    {
        return new self(
            $this->one,
            $this->other,
            $this->difference,
            $this->welch,
            $this->exchange,
            $p,
            $this->step,
        );
    }

    /** @param  ?array{int, int}  $led  first and last day on which one was ahead */
    public function pair(TrialPlan $plan, ?array $led): Pair
    {
        return new Pair(
            $plan->arms[$this->one],
            $plan->arms[$this->other],
            $this->difference,
            $this->welch?->interval(),
            $this->p,
            $this->exchange,
            // A kit tells no difference that is finer than its step.
            $this->p < TPower::ALPHA && abs($this->difference) > $this->step,
            $led,
        );
    }
}
