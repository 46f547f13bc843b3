<?php

declare(strict_types=1);

namespace Ithys\Learning;

use Ithys\History\Timeline\Observed;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Statistics\Cholesky;

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

    /** How much wider an error is from which readings are fitted anew. */
    private const SLIPS = 1.5;

    /** @var list<Unknown> */
    private array $unknowns;

    /** @var list<float> */
    private array $priors = [];

    /** @var array<string, Scatter> by parameter */
    private array $scatter = [];

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
            $this->scatter[$parameter->value] = Scatter::of($parameter, $mine);
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
        [$x, $isDone] = $this->descended(array_fill(0, count($this->unknowns), 0.0));
        $levels = $this->levels($x);
        $factors = [];
        foreach ($this->scatter as $key => $scatter) {
            $factors[$key] = $scatter->factors($levels[$key]);
        }
        if (max(1.0, ...array_merge(...array_values($factors))) > self::SLIPS) {
            foreach ($this->scatter as $key => $scatter) {
                $this->scatter[$key] = $scatter->heavier($factors[$key]);
            }
            [$x, $isDone] = $this->descended($x);
        }

        return $this->result($x, $isDone);
    }

    /**
     * @param  list<float>  $x
     * @return array{list<float>, bool} where it ends, and whether it stopped by itself
     */
    private function descended(array $x): array
    {
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

        return [$x, $isDone];
    }

    /** @param  list<float>  $x */
    private function result(array $x, bool $isDone): Fit
    {
        $levels = $this->levels($x);
        $white = $this->white($levels);
        $covariance = $this->covariance($this->jacobian($x, $white));
        $names = array_map(static fn (Unknown $one): string => $one->value, $this->unknowns);
        $residuals = [];
        $at = 0;
        foreach ($this->scatter as $key => $scatter) {
            foreach ($scatter->observed as $n => $one) {
                $residuals[] = [
                    'day' => $one->day,
                    'parameter' => $key,
                    'read' => $one->level,
                    'model' => $levels[$key][$n],
                    'white' => $white[$at++],
                    'kit' => Kit::variance($one),
                ];
            }
        }

        return new Fit(
            array_combine($names, $x),
            array_combine($names, $this->priors),
            array_combine($names, array_map(static fn (array $row): array => array_combine($names, $row), $covariance)),
            $residuals,
            $isDone,
            $this->runs,
        );
    }

    /**
     * Levels by the model at the readings, by parameter.
     *
     * @param  list<float>  $x
     * @return array<string, list<float>>
     */
    private function levels(array $x): array
    {
        $this->runs++;
        $logs = array_combine(array_map(static fn (Unknown $one): string => $one->value, $this->unknowns), $x);
        [$parameters, $start] = Fit::applied($logs, $this->timeline);
        $simulation = $this->timeline->simulation($parameters, $start, [], self::TOLERANCE, true);
        $levels = array_map(static fn (): array => [], $this->scatter);
        $days = [];
        foreach ($this->scatter as $key => $scatter) {
            foreach ($scatter->observed as $n => $one) {
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

        return array_map(array_values(...), $levels);
    }

    private static function element(string $key): Element
    {
        return $key === Parameter::Nitrate->value ? Element::Nitrogen : Element::Phosphorus;
    }

    /**
     * @param  array<string, list<float>>  $levels
     * @return list<float> readings less the model, whitened, one parameter after the other
     */
    private function white(array $levels): array
    {
        $white = [];
        foreach ($this->scatter as $key => $scatter) {
            array_push($white, ...$scatter->white($levels[$key]));
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

    private function startSpread(Unknown $unknown): float
    {
        $parameter = $unknown === Unknown::StartNitrate ? Parameter::Nitrate : Parameter::Phosphate;
        $first = $this->scatter[$parameter->value]->observed[0];

        return min(0.7, sqrt(Kit::variance($first)) / max(1e-6, $first->level) + 0.1);
    }

    private function hasPhosphateMedium(): bool
    {
        foreach ($this->timeline->followed() as $charge) {
            if ($charge->medium()->bindsPhosphate()) {
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
