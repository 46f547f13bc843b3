<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

use Ithys\Statistics\SingularFit;

/**
 * The change of input and steps of the level judged together: how likely each step is, and what the input did by all of
 * them.
 *
 * Source: the verdict's method that ships with the project, section 9.
 */
final readonly class Scan
{
    /** Usual change of the input, as a share of the level a day. */
    private const INPUT = 0.018;

    /** How likely a step is beforehand: here, elsewhere, another kit. Plain for the interval, wide to look for them. */
    private const PLAIN = [Step::HERE => 0.1, Step::ELSEWHERE => 0.1, Step::KIT => 0.0];

    private const WIDE = [Step::HERE => 0.1, Step::ELSEWHERE => 0.15, Step::KIT => 0.15];

    /** Weight under which a model enters as one, and not at all. */
    private const LIGHT = 0.05;

    private const NONE = 1e-4;

    /**
     * @param  list<Step>  $steps
     * @param  non-empty-list<array{float, float, Products}>  $grid  loss, strength and products
     * @param  array<string, array<int, float>>  $weights  of models by "plain" and "wide"; -1 without a step
     * @param  float  $odds  that the change did anything
     */
    private function __construct(
        private array $steps,
        private array $grid,
        private float $floor,
        private array $weights,
        public float $odds,
    ) {
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<array{float, float}>  $points  loss and strength
     * @param  list<float>  $variances  of each reading, in units of a plain one
     * @param  float  $floor  least variance of a reading, (mg/L)²
     * @param  ?float  $known  variance of a reading; null while it is not known
     *
     * @throws SingularFit
     */
    public static function of(
        Series $series,
        Course $course,
        array $steps,
        array $points,
        array $variances,
        float $level,
        float $floor,
        ?float $known,
    ): self {
        $grid = self::grid($series, $course, $steps, $points, $variances);
        $least = max($floor, (0.01 * $level) ** 2);
        $sums = $inputs = [];
        $most = -INF;
        $logs = [];
        foreach ($grid as $g => [, , $products]) {
            $variance = $known ?? self::least($products, count($steps), $least);
            for ($m = -1; $m < count($steps); $m++) {
                $step = $m < 0 ? null : $m;
                $prior = [
                    (self::INPUT * $level) ** 2 / $variance,
                    $step === null ? 1.0 : ($steps[$step]->usual() * $level) ** 2 / $variance,
                ];
                $logs[$m][$g] = [
                    $products->evidence(false, $step, $prior, $least),
                    $products->evidence(true, $step, $prior, $least),
                ];
                $most = max($most, ...$logs[$m][$g]);
            }
        }
        foreach ($logs as $m => $each) {
            $sums[$m] = $inputs[$m] = 0.0;
            foreach ($each as [$without, $with]) {
                $sums[$m] += (exp($without - $most) + exp($with - $most)) / 2;
                $inputs[$m] += exp($with - $most) / 2;
            }
        }
        $plain = self::weighed($steps, self::PLAIN, $sums);
        $with = 0.0;
        foreach ($plain as $m => $weight) {
            $isHere = $m >= 0 && $steps[$m]->kind === Step::HERE;
            $with += $isHere ? $weight : ($sums[$m] > 0.0 ? $weight * $inputs[$m] / $sums[$m] : 0.0);
        }

        return new self(
            $steps,
            $grid,
            $floor,
            ['plain' => $plain, 'wide' => self::weighed($steps, self::WIDE, $sums)],
            $with / max(1e-12, 1 - $with),
        );
    }

    /** @return array{?int, int} the likeliest model by the wide weights, and the point of the grid that fits it best */
    public function best(): array
    {
        $best = -1;
        foreach ($this->weights['wide'] as $m => $weight) {
            $best = $weight > $this->weights['wide'][$best] ? $m : $best;
        }
        $step = $best < 0 ? null : $best;
        $at = 0;
        foreach ($this->grid as $g => [, , $products]) {
            $at = $products->likelihood($step, $this->floor)
                > $this->grid[$at][2]->likelihood($step, $this->floor) ? $g : $at;
        }

        return [$step, $at];
    }

    /** Variance of a reading by a model at a point. */
    public function variance(?int $step, int $at): float
    {
        return $this->grid[$at][2]->variance($step, $this->floor);
    }

    /** @return array{float, float} loss and strength */
    public function point(int $at): array
    {
        return [$this->grid[$at][0], $this->grid[$at][1]];
    }

    public function stepOf(?int $step): ?Step
    {
        return $step === null ? null : $this->steps[$step];
    }

    /** How likely a step of some kinds is. */
    public function likely(string $weights, string ...$kinds): float
    {
        $sum = 0.0;
        foreach ($this->steps as $m => $step) {
            $sum += in_array($step->kind, $kinds, true) ? $this->weights[$weights][$m] : 0.0;
        }

        return $sum;
    }

    /** The likeliest step of some kinds, by the wide weights; null where none is tried. */
    public function likeliest(string ...$kinds): ?int
    {
        $best = null;
        foreach ($this->steps as $m => $step) {
            if (in_array($step->kind, $kinds, true)
                && ($best === null || $this->weights['wide'][$m] > $this->weights['wide'][$best])) {
                $best = $m;
            }
        }

        return $best;
    }

    /** What is said of the change of input by all models, mg/L a day. */
    public function input(string $weights): Mixture
    {
        $parts = [];
        foreach ($this->weights[$weights] as $m => $weight) {
            if ($weight < self::NONE) {
                continue;
            }
            $own = $this->parts($m < 0 ? null : $m, false);
            $parts = [...$parts, ...$weight >= self::LIGHT
                ? array_map(static fn (array $part): array => [...$part, 'weight' => $weight * $part['weight']], $own)
                : [self::together($own, $weight)]];
        }

        return new Mixture($parts === [] ? $this->parts(null, false) : $parts);
    }

    /** How far the level stepped, if it did so there, mg/L. */
    public function size(int $step): Interval
    {
        return (new Mixture($this->parts($step, true)))->interval();
    }

    /** @return array<int, float> models that count by their wide weights; -1 without a step */
    public function heavy(): array
    {
        $heavy = array_filter(
            $this->weights['wide'],
            static fn (float $weight): bool => $weight >= self::LIGHT,
        );
        $sum = array_sum($heavy);

        return $heavy === [] ? [-1 => 1.0] : array_map(static fn (float $weight): float => $weight / $sum, $heavy);
    }

    /**
     * A model by the points of the grid.
     *
     * @return non-empty-list<array{weight: float, estimate: float, error: float, freedom: int}>
     */
    private function parts(?int $step, bool $isOfStep): array
    {
        $likelihoods = array_map(
            fn (array $one): float => $one[2]->likelihood($step, $this->floor),
            $this->grid,
        );
        $most = max($likelihoods);
        $weights = array_map(static fn (float $one): float => exp($one - $most), $likelihoods);
        $sum = array_sum($weights);
        $parts = [];
        foreach ($this->grid as $g => [, , $products]) {
            $own = $isOfStep && $step !== null
                ? $products->step($step, $this->floor)
                : $products->input($step, $this->floor);
            if ($own !== null) {
                $parts[] = [
                    'weight' => $weights[$g] / $sum,
                    'estimate' => $own[0],
                    'error' => max(1e-15, $own[1]),
                    'freedom' => $products->freedom - ($step === null ? 1 : 2),
                ];
            }
        }

        return $parts === [] ? $this->parts(null, false) : $parts;
    }

    /**
     * @param  non-empty-list<array{weight: float, estimate: float, error: float, freedom: int}>  $parts
     * @return array{weight: float, estimate: float, error: float, freedom: int}
     */
    private static function together(array $parts, float $weight): array
    {
        $all = array_sum(array_column($parts, 'weight'));
        $mean = $square = 0.0;
        foreach ($parts as $part) {
            $mean += $part['weight'] / $all * $part['estimate'];
            $square += $part['weight'] / $all * ($part['estimate'] ** 2 + $part['error'] ** 2);
        }

        return [
            'weight' => $weight,
            'estimate' => $mean,
            'error' => sqrt(max(1e-30, $square - $mean ** 2)),
            'freedom' => $parts[0]['freedom'],
        ];
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<string, float>  $prior
     * @param  array<int, float>  $sums
     * @return array<int, float>
     */
    private static function weighed(array $steps, array $prior, array $sums): array
    {
        $counts = array_count_values(array_map(static fn (Step $step): string => $step->kind, $steps));
        $weights = [-1 => (1 - array_sum(array_intersect_key($prior, $counts))) * $sums[-1]];
        foreach ($steps as $m => $step) {
            $weights[$m] = $prior[$step->kind] / $counts[$step->kind] * $sums[$m];
        }
        $all = array_sum($weights);

        return array_map(static fn (float $weight): float => $all > 0.0 ? $weight / $all : 0.0, $weights);
    }

    /** The least variance of a reading that the change of input and one step leave. */
    private static function least(Products $products, int $steps, float $floor): float
    {
        $least = $products->variance(null, $floor);
        for ($m = 0; $m < $steps; $m++) {
            $least = min($least, $products->variance($m, $floor));
        }

        return $least;
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<array{float, float}>  $points
     * @param  list<float>  $variances
     * @return non-empty-list<array{float, float, Products}>
     */
    private static function grid(
        Series $series,
        Course $course,
        array $steps,
        array $points,
        array $variances,
    ): array {
        $grid = $made = [];
        foreach ($points as [$loss, $strength]) {
            $key = (string) $loss;
            if (! isset($made[$key])) {
                [$always, $input] = $course->apart($series, $loss);
                $source = $series->response($loss, 0.0, INF, INF, true);
                $made[$key] = [new Wander($series, $loss), count($always), [
                    ...$always,
                    $input,
                    ...array_map(static fn (Step $step): array => $step->column($series, $loss), $steps),
                    array_map(static fn (float $level, float $own): float => $level - $own, $series->levels, $source),
                ]];
            }
            [$wander, $always, $columns] = $made[$key];
            [$rows, $logs] = $wander->whiten($columns, $variances, $strength);
            $grid[] = [$loss, $strength, Products::of($rows, $always, $logs)];
        }

        return $grid === [] ? throw SingularFit::tooFewObservations(0, 3) : $grid;
    }
}
