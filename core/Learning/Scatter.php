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
        private Parameter $parameter,
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

        return new self($parameter, $observed, $spreads, OrnsteinUhlenbeck::observed(
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
     * By how much the model stands off at the end, in spreads of it, as the last readings say.
     *
     * @param  list<float>  $levels
     */
    public function pull(array $levels, float $end): float
    {
        return $this->wander->mean($this->off($levels), $end);
    }

    /**
     * Spread of the level ahead, as a share of it: by what is not known of the tank, and by how the model is off, of
     * which the last readings tell something.
     *
     * @param  list<float>  $ahead  days after the end
     * @param  list<float>  $future  levels then
     * @param  list<list<float>>  $slopes  of the levels ahead, by unknown
     * @param  list<list<float>>  $raw  of the levels at the readings, by unknown
     * @param  list<list<float>>  $covariance
     * @return list<array{float, float}>
     */
    public function band(
        float $end,
        array $ahead,
        array $future,
        array $slopes,
        array $raw,
        array $covariance,
    ): array {
        $band = [];
        $said = array_map(fn (array $column): float => $this->wander->mean($column, $end), $raw);
        foreach ($ahead as $t => $days) {
            $own = Kit::model($this->parameter, $future[$t]);
            $then = $own * exp(-$days / Kit::MEMORY);
            $slope = [];
            foreach (array_keys($covariance) as $i) {
                $slope[] = ($slopes[$i][$t] ?? 0.0) - $then * ($said[$i] ?? 0.0);
            }
            $variance = $own ** 2 * $this->wander->left($end + $days);
            foreach ($covariance as $i => $row) {
                $variance += $slope[$i] * self::dot($row, $slope);
            }
            $band[] = [$days, sqrt($variance) / max(1e-6, $future[$t])];
        }

        return $band;
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

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $each) {
            $sum += $each * ($other[$i] ?? 0.0);
        }

        return $sum;
    }
}
