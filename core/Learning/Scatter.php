<?php

declare(strict_types=1);

namespace Ithys\Learning;

use Ithys\History\Timeline\Observed;
use Ithys\Journal\Reading\Parameter;
use Ithys\Statistics\Normal;
use Ithys\Statistics\OrnsteinUhlenbeck;

/** The readings of one parameter, with how far kit and model may be off at each and how they are off together. */
final readonly class Scatter
{
    /** Readings over which the level is smoothed that a spread is taken at. */
    private const SMOOTHED = 5;

    /**
     * @param  non-empty-list<Observed>  $observed  in order of time
     * @param  list<float>  $spreads  of the model at each, ppm
     */
    private function __construct(
        public array $observed,
        private array $spreads,
        private OrnsteinUhlenbeck $wander,
    ) {
    }

    /** @param  non-empty-list<Observed>  $observed  in order of time */
    public static function of(Parameter $parameter, array $observed): self
    {
        $spreads = [];
        foreach (array_keys($observed) as $n) {
            $around = array_slice($observed, max(0, $n - intdiv(self::SMOOTHED, 2)), self::SMOOTHED);
            $level = array_sum(array_map(static fn (Observed $one): float => $one->level, $around)) / count($around);
            $spreads[] = Kit::model($parameter, $level);
        }

        return new self($observed, $spreads, OrnsteinUhlenbeck::observed(
            Kit::MEMORY,
            array_map(static fn (Observed $one): float => $one->day, $observed),
            $spreads,
            array_map(Kit::variance(...), $observed),
        ));
    }

    /**
     * Readings less the model, whitened.
     *
     * @param  list<float>  $levels
     * @return list<float>
     */
    public function white(array $levels): array
    {
        return $this->wander->whiten($this->off($levels));
    }

    /**
     * How much wider the error of each reading is than the kit's, as the others say: a slip counts for little.
     *
     * Source: Student's t with {@see Heavy::FREEDOM} degrees of freedom, in rounds.
     *
     * @param  list<float>  $levels
     * @return list<float> from 1 on, by which its variance is to be multiplied
     */
    public function factors(array $levels): array
    {
        $off = $this->off($levels);
        $kit = array_map(Kit::variance(...), $this->observed);

        return Heavy::factors($kit, fn (array $factors): array => array_map(
            fn (array $others, float $one, float $scale): array => [
                $one - $scale * $others[0],
                $scale ** 2 * $others[1],
            ],
            $this->wanderWith($factors)->without($off),
            $off,
            $this->spreads,
        ));
    }

    /** @param  list<float>  $factors  on the variances of the kit */
    public function heavier(array $factors): self
    {
        return new self($this->observed, $this->spreads, $this->wanderWith($factors));
    }

    /** @param  list<float>  $factors */
    private function wanderWith(array $factors): OrnsteinUhlenbeck
    {
        return OrnsteinUhlenbeck::observed(
            Kit::MEMORY,
            array_map(static fn (Observed $one): float => $one->day, $this->observed),
            $this->spreads,
            array_map(
                static fn (Observed $one, float $factor): float => $factor * Kit::variance($one),
                $this->observed,
                $factors,
            ),
        );
    }

    /**
     * Readings less the model. One below a limit says nothing against a model that is well below it too.
     *
     * @param  list<float>  $levels
     * @return list<float>
     */
    private function off(array $levels): array
    {
        $off = [];
        foreach ($this->observed as $n => $one) {
            $spread = sqrt(Kit::variance($one) + $this->spreads[$n] ** 2);
            $off[] = $one->limit === null
                ? $one->level - $levels[$n]
                : -$spread * Normal::meanBelow(($one->limit - $levels[$n]) / $spread);
        }

        return $off;
    }
}
