<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Calibration;

use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Timeline\Observed;
use Ithys\Nutrient\Timeline\Timeline;
use Ithys\Statistics\Cholesky;
use Ithys\Statistics\Normal;

/**
 * Learns from readings what a tank has otherwise than the defaults: the likeliest factors beside what is known
 * beforehand, by damped least squares (Levenberg 1944, Marquardt 1963; between, Broyden 1965), with the model allowed
 * to be off for weeks at a time.
 */
final class Calibration
{
    private const ROUNDS = 15;

    /** Fall of the sum of squares, twice a log likelihood, under which it is done. */
    private const ENOUGH = 0.05;

    private const NUDGE = 1e-3;

    private const LONGEST_STEP = 1.0;

    private const TOLERANCE = 1e-4;

    private const SMOOTHED = 5;

    /** Weeks ahead that a forecast may reach. */
    private const WEEKS = 52;

    /** @var list<Unknown> */
    private array $unknowns;

    /** @var list<float> */
    private array $priors = [];

    /** @var array<string, list<Observed>> by parameter, in order of time */
    private array $observed = [];

    /** @var array<string, Cholesky> of kit and model together, by parameter */
    private array $noise = [];

    /** @var array<string, list<float>> spread of the model at each reading, ppm */
    private array $spreads = [];

    private int $runs = 0;

    /** @throws TooFewReadings */
    private function __construct(private readonly Timeline $timeline)
    {
        foreach (Parameter::nutrients() as $parameter) {
            $mine = array_values(array_filter(
                $timeline->read->observed,
                static fn (Observed $one): bool => $one->parameter === $parameter,
            ));
            if (count($mine) < TooFewReadings::LEAST) {
                throw TooFewReadings::of($parameter, count($mine));
            }
            $this->observed[$parameter->value] = $mine;
            $this->whitening($parameter, $mine);
        }
        $this->unknowns = array_values(array_filter(
            Unknown::cases(),
            fn (Unknown $one): bool => $one !== Unknown::Media || $this->hasPhosphateMedium(),
        ));
        foreach ($this->unknowns as $unknown) {
            $this->priors[] = $unknown->spread() ?? $this->startSpread($unknown);
        }
    }

    /**
     * @throws TooFewReadings
     * @throws InvalidLever
     */
    public static function of(Timeline $timeline): Fit
    {
        return (new self($timeline))->fit();
    }

    private function fit(): Fit
    {
        $x = array_fill(0, count($this->unknowns), 0.0);
        $white = $this->white($this->levels($x));
        $jacobian = $this->jacobian($x, $white);
        $sum = $this->sum($x, $white);
        $damping = 1e-2;
        $isDone = false;
        for ($round = 0; $round < self::ROUNDS && ! $isDone; $round++) {
            $step = $this->step($x, $white, $jacobian, $damping);
            $next = array_map(static fn (float $one, float $by): float => $one + $by, $x, $step);
            $after = $this->white($this->levels($next));
            $sumAfter = $this->sum($next, $after);
            if ($sumAfter < $sum) {
                $isDone = $sum - $sumAfter < self::ENOUGH;
                $jacobian = $round === 0
                    ? $this->jacobian($next, $after)
                    : self::broyden($jacobian, $step, $white, $after);
                [$x, $white, $sum] = [$next, $after, $sumAfter];
                $damping = max(1e-6, $damping / 5);
            } else {
                // No better this way: the slopes are looked at anew before the step is shortened for good.
                $isDone = $damping > 1e3;
                $jacobian = $damping > 0.1 ? $jacobian : $this->jacobian($x, $white);
                $damping *= 10;
            }
        }

        return $this->result($x, $white, $isDone);
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $white
     */
    private function result(array $x, array $white, bool $isDone): Fit
    {
        $ahead = array_map(static fn (int $week): float => 7.0 * $week, range(1, self::WEEKS));
        [$levels, $future] = $this->levelsAndAhead($x, $ahead);
        $jacobian = $slopes = $raw = [];
        foreach (array_keys($this->unknowns) as $i) {
            $nudged = $x;
            $nudged[$i] += self::NUDGE;
            [$there, $later] = $this->levelsAndAhead(array_values($nudged), $ahead);
            $jacobian[] = array_map(
                static fn (float $one, float $other): float => ($one - $other) / self::NUDGE,
                $this->white($there),
                $white,
            );
            foreach ($later as $key => $series) {
                $slopes[$key][] = array_map(
                    static fn (float $one, float $other): float => ($one - $other) / self::NUDGE,
                    $series,
                    $future[$key],
                );
            }
            foreach ($there as $key => $series) {
                $raw[$key][] = array_map(
                    static fn (float $one, float $other): float => ($one - $other) / self::NUDGE,
                    $series,
                    $levels[$key],
                );
            }
        }
        $covariance = $this->covariance($jacobian);
        $names = array_map(static fn (Unknown $one): string => $one->value, $this->unknowns);
        $bands = $pulls = $residuals = [];
        $at = 0;
        foreach ($this->observed as $key => $mine) {
            $off = $this->off($key, $levels[$key]);
            $pulls[$key] = $this->pull($key, $off);
            $bands[$key] = $this->band(
                Parameter::from($key),
                $ahead,
                $future[$key],
                $slopes[$key] ?? [],
                $raw[$key] ?? [],
                $covariance,
            );
            foreach ($mine as $n => $one) {
                $residuals[] = [
                    'day' => $one->day,
                    'parameter' => $key,
                    'read' => $one->level,
                    'model' => $levels[$key][$n],
                    'white' => $white[$at++],
                ];
            }
        }

        return new Fit(
            array_combine($names, $x),
            array_combine($names, $this->priors),
            array_combine($names, array_map(static fn (array $row): array => array_combine($names, $row), $covariance)),
            $residuals,
            $pulls,
            $bands,
            $isDone,
            $this->runs,
        );
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
    private function band(
        Parameter $parameter,
        array $ahead,
        array $future,
        array $slopes,
        array $raw,
        array $covariance,
    ): array {
        $key = $parameter->value;
        $end = $this->timeline->day($this->timeline->to);
        $band = [];
        $solved = array_map(fn (array $column): array => $this->noise[$key]->solve($column), $raw);
        foreach ($ahead as $t => $days) {
            $own = Kit::model($parameter, $future[$t]);
            $with = [];
            foreach ($this->observed[$key] as $n => $one) {
                $with[] = $own * $this->spreads[$key][$n] * exp(-($end + $days - $one->day) / Kit::MEMORY);
            }
            $left = max(0.0, $own ** 2 - self::dot($with, $this->noise[$key]->solve($with)));
            $slope = [];
            foreach (array_keys($this->unknowns) as $i) {
                $slope[] = ($slopes[$i][$t] ?? 0.0) - self::dot($with, $solved[$i] ?? []);
            }
            $variance = $left;
            foreach ($covariance as $i => $row) {
                $variance += $slope[$i] * self::dot($row, $slope);
            }
            $band[] = [$days, sqrt($variance) / max(1e-6, $future[$t])];
        }

        return $band;
    }

    /**
     * @param  list<float>  $off  readings less the model
     */
    private function pull(string $key, array $off): float
    {
        $end = $this->timeline->day($this->timeline->to);
        $solved = $this->noise[$key]->solve($off);
        $sum = 0.0;
        foreach ($this->observed[$key] as $n => $one) {
            $sum += $this->spreads[$key][$n] * exp(-($end - $one->day) / Kit::MEMORY) * $solved[$n];
        }

        return $sum;
    }

    /**
     * Levels by the model at the readings, by parameter.
     *
     * @param  list<float>  $x
     * @return array<string, list<float>>
     */
    private function levels(array $x): array
    {
        return $this->levelsAndAhead($x, [])[0];
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $ahead  days after the end
     * @return array{array<string, list<float>>, array<string, list<float>>}
     */
    private function levelsAndAhead(array $x, array $ahead): array
    {
        $this->runs++;
        $logs = array_combine(array_map(static fn (Unknown $one): string => $one->value, $this->unknowns), $x);
        [$parameters, $start] = Fit::applied($logs, $this->timeline);
        $more = $ahead === [] ? [] : $this->timeline->ahead($this->timeline->course(), 7.0 * self::WEEKS);
        $simulation = $this->timeline->simulation($parameters, $start, $more, self::TOLERANCE, true);
        $levels = $future = array_map(static fn (): array => [], $this->observed);
        $days = [];
        foreach ($this->observed as $key => $mine) {
            foreach ($mine as $n => $one) {
                $days[(string) $one->day][$key][] = $n;
            }
        }
        uksort($days, static fn (int|string $a, int|string $b): int => (float) $a <=> (float) $b);
        foreach ($days as $day => $wanted) {
            $now = $simulation->before((float) $day);
            foreach ($wanted as $key => $numbers) {
                foreach ($numbers as $n) {
                    $levels[$key][$n] = $now->level(self::element($key));
                }
            }
        }
        $end = $this->timeline->day($this->timeline->to);
        foreach ($ahead as $later) {
            $now = $simulation->at($end + $later);
            foreach (array_keys($future) as $key) {
                $future[$key][] = $now->level(self::element($key));
            }
        }

        return [array_map(array_values(...), $levels), $future];
    }

    private static function element(string $key): Element
    {
        return $key === Parameter::Nitrate->value ? Element::Nitrogen : Element::Phosphorus;
    }

    /**
     * Readings less the model. One below a limit says nothing against a model that is well below it too.
     *
     * @param  list<float>  $levels
     * @return list<float>
     */
    private function off(string $key, array $levels): array
    {
        $off = [];
        foreach ($this->observed[$key] as $n => $one) {
            $spread = sqrt(Kit::variance($one) + $this->spreads[$key][$n] ** 2);
            $off[] = $one->limit === null
                ? $one->level - $levels[$n]
                : -$spread * Normal::meanBelow(($one->limit - $levels[$n]) / $spread);
        }

        return $off;
    }

    /**
     * @param  array<string, list<float>>  $levels
     * @return list<float> readings less the model, whitened, one parameter after the other
     */
    private function white(array $levels): array
    {
        $white = [];
        foreach (array_keys($this->observed) as $key) {
            array_push($white, ...$this->noise[$key]->whiten($this->off($key, $levels[$key])));
        }

        return $white;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $white
     */
    private function sum(array $x, array $white): float
    {
        $sum = self::dot($white, $white);
        foreach ($x as $i => $one) {
            $sum += ($one / $this->priors[$i]) ** 2;
        }

        return $sum;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $white
     * @return list<list<float>> slopes of the whitened residuals, by unknown
     */
    private function jacobian(array $x, array $white): array
    {
        $columns = [];
        foreach (array_keys($x) as $i) {
            $nudged = $x;
            $nudged[$i] += self::NUDGE;
            $columns[] = array_map(
                static fn (float $one, float $other): float => ($one - $other) / self::NUDGE,
                $this->white($this->levels(array_values($nudged))),
                $white,
            );
        }

        return $columns;
    }

    /**
     * @param  list<list<float>>  $jacobian
     * @param  list<float>  $step
     * @param  list<float>  $before
     * @param  list<float>  $after
     * @return list<list<float>>
     */
    private static function broyden(array $jacobian, array $step, array $before, array $after): array
    {
        $length = max(1e-12, self::dot($step, $step));
        $off = [];
        foreach ($after as $n => $one) {
            $said = 0.0;
            foreach ($jacobian as $i => $column) {
                $said += $column[$n] * $step[$i];
            }
            $off[] = $one - $before[$n] - $said;
        }
        foreach ($jacobian as $i => $column) {
            foreach ($column as $n => $slope) {
                $jacobian[$i][$n] = $slope + $off[$n] * $step[$i] / $length;
            }
        }

        return $jacobian;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $white
     * @param  list<list<float>>  $jacobian
     * @return list<float>
     */
    private function step(array $x, array $white, array $jacobian, float $damping): array
    {
        $slope = [];
        foreach ($jacobian as $i => $column) {
            $slope[] = -self::dot($column, $white) - $x[$i] / $this->priors[$i] ** 2;
        }
        $step = Cholesky::of($this->information($jacobian, 1 + $damping))->solve($slope);

        return array_map(
            static fn (float $one): float => max(-self::LONGEST_STEP, min(self::LONGEST_STEP, $one)),
            $step,
        );
    }

    /**
     * @param  list<list<float>>  $jacobian
     * @return list<list<float>>
     */
    private function information(array $jacobian, float $diagonal = 1.0): array
    {
        $matrix = [];
        foreach ($jacobian as $i => $column) {
            $row = [];
            foreach ($jacobian as $j => $other) {
                $sum = self::dot($column, $other);
                $row[] = $i === $j ? $diagonal * ($sum + $this->priors[$i] ** -2) : $sum;
            }
            $matrix[] = $row;
        }

        return $matrix;
    }

    /**
     * @param  list<list<float>>  $jacobian
     * @return list<list<float>>
     */
    private function covariance(array $jacobian): array
    {
        return Cholesky::of($this->information($jacobian))->inverse();
    }

    /** @param  list<Observed>  $mine */
    private function whitening(Parameter $parameter, array $mine): void
    {
        $spreads = [];
        foreach (array_keys($mine) as $n) {
            $around = array_slice($mine, max(0, $n - intdiv(self::SMOOTHED, 2)), self::SMOOTHED);
            $level = array_sum(array_map(static fn (Observed $one): float => $one->level, $around)) / count($around);
            $spreads[] = Kit::model($parameter, $level);
        }
        $matrix = [];
        foreach ($mine as $i => $one) {
            $row = [];
            foreach ($mine as $j => $other) {
                $row[] = $spreads[$i] * $spreads[$j] * exp(-abs($one->day - $other->day) / Kit::MEMORY)
                    + ($i === $j ? Kit::variance($one) : 0.0);
            }
            $matrix[] = $row;
        }
        $this->spreads[$parameter->value] = $spreads;
        $this->noise[$parameter->value] = Cholesky::of($matrix);
    }

    private function startSpread(Unknown $unknown): float
    {
        $parameter = $unknown === Unknown::StartNitrate ? Parameter::Nitrate : Parameter::Phosphate;
        $first = $this->observed[$parameter->value][0];

        return min(0.7, sqrt(Kit::variance($first)) / max(1e-6, $first->level) + 0.1);
    }

    private function hasPhosphateMedium(): bool
    {
        foreach ($this->timeline->charges() as $medium) {
            if ($medium->bindsPhosphate()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $each) {
            $sum += $each * $other[$i];
        }

        return $sum;
    }
}
