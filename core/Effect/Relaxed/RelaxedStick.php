<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

use Ithys\Statistics\LinearFit;
use Ithys\Statistics\SingularFit;
use Ithys\Statistics\StudentT;

/**
 * The net input of a tank before and after a change: loss, dilution and a wandering input are in the model, and what
 * the readings cannot tell of them is averaged over.
 *
 * Interrupted time series after Box and Tiao 1975, restricted likelihood after Patterson and Thompson 1971, outliers
 * after Hampel 1974 (from memory).
 */
final readonly class RelaxedStick
{
    /** Shares lost a day that are averaged over. */
    private const LOSSES = [0.0, 0.01, 0.02, 0.04];

    /**
     * How much calmer or livelier than is usual a tank may be, by the readings on the poorer side: few cannot show a
     * calm tank.
     */
    private const LIVELINESS = [3 => [1.0, 2.25], 5 => [0.7, 1.2, 2.25], PHP_INT_MAX => [0.5, 1.0, 2.25]];

    /** Strength of the wander to begin with, before the scatter of a reading is known. */
    private const FIRST = [0.002, 0.01, 0.05];

    private const LEAST_STRENGTH = 1e-4;

    private const MOST_STRENGTH = 10.0;

    /** Weight under which a model moves no course that is drawn. */
    private const LIGHT = 1e-3;

    /** Weight from which a model counts in what more readings would show. */
    private const COUNTS = 0.02;

    /** How likely a step must be to be told, and one that nobody logged to be named. */
    private const TOLD = 0.7;

    private const NAMED = 0.9;

    /**
     * @param  non-empty-list<Point>  $points  with weights of 1
     * @param  list<int>  $outliers  readings that were set aside
     */
    private function __construct(
        public Series $series,
        private Course $course,
        public array $points,
        public array $outliers,
        /** How far the input of this tank wanders by itself, as a share of the level a day; null without a level. */
        public ?float $wander,
        /** The change and steps judged together; null where no change is asked about. */
        private ?Scan $scan = null,
    ) {
    }

    /**
     * @param  float  $level  mg/L before the change
     * @param  float  $step  of the method, mg/L
     * @param  float  $usual  slow wander of the input, as a share of the level a day
     *
     * @throws SingularFit when the readings cannot fix it
     */
    public static function of(Series $series, Course $course, float $level, float $step, float $usual): self
    {
        $floor = $step ** 2 / 12;
        [$best, $likely] = self::first($series, $course, $level, $floor);
        $outliers = count($series->days) >= 8 ? Slips::among($series, $best, $step) : [];
        if ($outliers !== []) {
            // Their scatter must not pass for that of the others: a tank would seem calmer than it is.
            $series = $series->only(array_values(array_diff(array_keys($series->days), $outliers)));
            [$best, $likely] = self::first($series, $course, $level, $floor);
        }
        $variance = max($best->fit->variance(), $floor, (0.01 * $level) ** 2);
        $strengths = array_map(
            static fn (float $times): float => min(
                self::MOST_STRENGTH,
                max(self::LEAST_STRENGTH, ($times * $usual * $level) ** 2 / $variance),
            ),
            self::liveliness($series, $course),
        );
        $scan = $likely === null ? null : Scan::of(
            $series,
            $course,
            Step::among($series),
            self::pairs($strengths),
            self::variances($series, $variance),
            $level,
            $floor,
            $variance,
        );
        $points = [];
        foreach ($scan?->heavy() ?? [-1 => 1.0] as $m => $weight) {
            $with = $course->with($m < 0 ? null : $scan?->stepOf($m));
            foreach (self::weighted(self::grid($series, $with, $strengths, $variance, $floor)) as $point) {
                $points[] = $point->weighing($weight * $point->weight);
            }
        }

        return new self(
            $series,
            $course,
            $points === [] ? throw SingularFit::tooFewObservations(0, 3) : $points,
            $outliers,
            $level > 0.0 ? self::spread($points, $variance) / $level : null,
            $scan,
        );
    }

    /**
     * The likeliest of all before the scatter of a reading is known.
     *
     * @return array{Point, ?Scan}
     */
    private static function first(Series $series, Course $course, float $level, float $floor): array
    {
        if (! is_finite($course->from)) {
            return [self::best(self::grid($series, $course, self::FIRST, 1.0, $floor)), null];
        }
        $scan = Scan::of(
            $series,
            $course,
            Step::among($series),
            self::pairs(self::FIRST),
            self::variances($series, 1.0),
            $level,
            $floor,
            null,
        );
        [$step, $at] = $scan->best();
        [$loss, $strength] = $scan->point($at);
        $grid = self::grid($series, $course->with($scan->stepOf($step)), [$strength], 1.0, $floor);

        return [array_values(array_filter($grid, static fn (Point $one): bool => $one->loss === $loss))[0], $scan];
    }

    /** @return list<float> */
    private static function liveliness(Series $series, Course $course): array
    {
        $before = count(array_filter($series->days, static fn (float $day): bool => $day <= 0.0));
        $few = is_finite($course->from) ? min($before, count($series->days) - $before) : PHP_INT_MAX;
        foreach (self::LIVELINESS as $most => $times) {
            if ($few <= $most) {
                return $times;
            }
        }

        return [1.0];
    }

    /**
     * @param  list<float>  $strengths
     * @return list<array{float, float}> loss and strength
     */
    private static function pairs(array $strengths): array
    {
        $pairs = [];
        foreach (self::LOSSES as $loss) {
            foreach ($strengths as $strength) {
                $pairs[] = [$loss, $strength];
            }
        }

        return $pairs;
    }

    /** @return list<float> of each reading, in units of a plain one: below the limit of its kit it scatters by that */
    private static function variances(Series $series, float $variance): array
    {
        return array_map(
            static fn (float $share, float $least): float => max($share, $least / $variance),
            $series->scatter,
            $series->floors,
        );
    }

    /** @param  non-empty-list<Point>  $points  in the units of that variance */
    private static function spread(array $points, float $variance): float
    {
        $sum = $weights = 0.0;
        foreach ($points as $point) {
            $sum += $point->weight * sqrt($point->strength * $variance);
            $weights += $point->weight;
        }

        return $sum / $weights;
    }

    /** Change of the net input by all that may have stepped, mg/L a day. */
    public function change(): Mixture
    {
        return $this->scan?->input('plain')
            ?? $this->mixture(static fn (Point $point): array => [0.0, 0.0, 1.0]);
    }

    /** Change of the net input, mg/L a day. */
    public function difference(): Interval
    {
        return $this->change()->interval();
    }

    /** The same where steps that nobody logged are as likely as not. */
    public function allowing(): Interval
    {
        return $this->scan?->input('wide')->interval() ?? $this->difference();
    }

    /** Odds that the input changed at all. */
    public function odds(): float
    {
        return $this->scan->odds ?? 1.0;
    }

    /** Change of the net input once the span that is asked for is over, mg/L a day; null without a span. */
    public function later(): ?Interval
    {
        return is_finite($this->course->to)
            ? $this->mixture(static fn (Point $point): array => [0.0, 0.0, 0.0, 1.0])->interval()
            : null;
    }

    /** How likely the level stepped at the change itself. */
    public function jumped(): float
    {
        return $this->scan?->likely('plain', Step::HERE) ?? 0.0;
    }

    /** How far it did, mg/L; null where that is not likely enough. */
    public function jump(): ?Interval
    {
        $here = $this->scan?->likeliest(Step::HERE);

        return $this->scan === null || $here === null || $this->jumped() < self::TOLD ? null : $this->scan->size($here);
    }

    /**
     * A step elsewhere that is as good as sure, and that nobody logged.
     *
     * @return ?array{Step, Interval} with its size, mg/L
     */
    public function unlogged(): ?array
    {
        $likely = $this->scan?->likely('wide', Step::ELSEWHERE, Step::KIT) ?? 0.0;

        return $likely < self::NAMED ? null : $this->elsewhere();
    }

    /**
     * The likeliest step elsewhere, however unlikely.
     *
     * @return ?array{Step, Interval} with its size, mg/L
     */
    public function elsewhere(): ?array
    {
        if ($this->scan === null) {
            return null;
        }
        $at = $this->scan->likeliest(Step::ELSEWHERE, Step::KIT);
        $step = $this->scan->stepOf($at);

        return $at === null || $step === null ? null : [$step, $this->scan->size($at)];
    }

    /** Net gain before the change and since, less what is lost at the level of that side, mg/L a day. */
    public function gain(bool $since): Interval
    {
        $side = array_keys(array_filter(
            $this->series->days,
            fn (float $day): bool => $since ? $day > $this->course->from : $day <= $this->course->from,
        ));

        $beyond = array_filter($side, fn (int $i): bool => $this->series->days[$i] > $this->course->to);
        $late = $side === [] ? 0.0 : count($beyond) / count($side);

        return $this->mixture(static function (Point $point) use ($side, $since, $late): array {
            $contrast = [0.0, 1.0, $since ? 1 - $late : 0.0, ...$since && $late > 0.0 ? [$late] : []];
            foreach ($point->columns as $c => $column) {
                $mean = $side === []
                    ? 0.0
                    : array_sum(array_map(static fn (int $i): float => $column[$i], $side)) / count($side);
                $contrast[$c] = ($contrast[$c] ?? 0.0) - $point->loss * $mean;
            }

            return $contrast;
        })->interval();
    }

    /**
     * What the water gains at each reading but for water changes: input and its wander less loss, mg/L a day, with the
     * spread of one standard deviation, by all models.
     *
     * The spread of the fitted part and of the wander are taken as independent, which is a little too wide.
     *
     * @return list<array{float, float}> estimate and standard deviation
     */
    public function gains(): array
    {
        $means = $squares = $spreads = array_fill(0, count($this->series->days), 0.0);
        $all = array_sum(array_map(
            static fn (Point $one): float => $one->weight < self::LIGHT ? 0.0 : $one->weight,
            $this->points,
        ));
        foreach ($this->points as $point) {
            if ($point->weight < self::LIGHT) {
                continue;
            }
            $offs = [];
            foreach ($this->series->levels as $i => $level) {
                $offs[] = $level - $point->source[$i] - $point->fittedAt($i);
            }
            $states = (new Wander($this->series, $point->loss))->smooth(
                $offs,
                $point->sight->variances,
                $point->strength,
            );
            $k = $point->loss;
            foreach ($states as $i => [$x, $g, $xx, $xg, $gg]) {
                $gain = $point->fit->coefficients[1] + $g - $k * ($point->source[$i] + $point->fittedAt($i) + $x);
                $contrast = array_map(static fn (array $column): float => -$k * $column[$i], $point->columns);
                $contrast[1] = ($contrast[1] ?? 0.0) + 1;
                $own = $point->variance * max(0.0, $k * $k * $xx - 2 * $k * $xg + $gg)
                    + $point->fit->standardError($point->variance, ...$contrast) ** 2;
                $means[$i] += $point->weight / $all * $gain;
                $squares[$i] += $point->weight / $all * $gain ** 2;
                $spreads[$i] += $point->weight / $all * $own;
            }
        }

        return array_map(
            static fn (float $mean, float $square, float $own): array => [
                $mean,
                sqrt(max(0.0, $square - $mean ** 2) + $own),
            ],
            $means,
            $squares,
            $spreads,
        );
    }

    /** @return list<float> level at each reading by the model, without its wander, mg/L */
    public function fitted(): array
    {
        $fitted = array_fill(0, count($this->series->days), 0.0);
        foreach ($this->points as $point) {
            foreach ($fitted as $i => $_) {
                $fitted[$i] += $point->weight * ($point->source[$i] + $point->fittedAt($i));
            }
        }

        return $fitted;
    }

    /**
     * Odds that so many more readings, taken on, would show a change of that size, by what is known of it now.
     *
     * @param  Series  $longer  the readings there are with those to come, whose levels do not matter
     * @param  Mixture  $now  as {@see self::change()} has it
     */
    public function promise(Series $longer, Mixture $now, float $wanted): float
    {
        [$estimate, $variance] = [$now->estimate(), $now->variance()];
        $usual = $all = 0.0;
        foreach ($this->points as $point) {
            if ($point->weight >= self::COUNTS) {
                $usual += $point->weight * $point->fit->standardError($point->variance, 0.0, 0.0, 1.0) ** 2;
                $all += $point->weight;
            }
        }
        $odds = $weights = 0.0;
        foreach ($this->planned($longer, $this->course, self::COUNTS) as $then) {
            ['weight' => $weight, 'error' => $error, 'freedom' => $freedom] = $then;
            $later = $variance * $error ** 2 / max(1e-300, $usual / $all);
            $share = min(0.999, $later / $variance);
            $t = StudentT::withDegreesOfFreedom($freedom);
            $half = $t->quantile(0.975) * sqrt($later);
            foreach ([1, -1] as $sign) {
                $likely = $weight * exp(-($estimate - $sign * $wanted) ** 2 / (2 * $variance));
                $odds += $likely * $t->probability(
                    ($wanted + ($sign * $estimate - $wanted) * $share - $half)
                        / sqrt($later * (1 - $share)),
                );
                $weights += $likely;
            }
        }

        return $weights > 0.0 ? $odds / $weights : 0.0;
    }

    /**
     * How closely readings to come would tell a change, in a tank that wanders as this one does.
     *
     * @param  Series  $planned  readings whose levels do not matter
     * @param  Course  $course  of the change, which is its third column
     * @param  float  $least  weight of a model that counts
     * @return list<array{weight: float, error: float, freedom: int}> by model, mg/L a day
     */
    public function planned(Series $planned, Course $course, float $least = self::LIGHT): array
    {
        $each = [];
        foreach ($this->points as $point) {
            if ($point->weight < $least) {
                continue;
            }
            $columns = $course->columns($planned, $point->loss);
            [$rows] = (new Wander($planned, $point->loss))->whiten($columns, $planned->scatter, $point->strength);
            try {
                $fit = LinearFit::of($rows, array_fill(0, count($rows), 0.0));
            } catch (SingularFit) {
                return [];
            }
            $each[] = [
                'weight' => $point->weight,
                'error' => $fit->standardError($point->variance, 0.0, 0.0, 1.0),
                'freedom' => $fit->degreesOfFreedom,
            ];
        }

        return $each;
    }

    /**
     * Standardized innovations of the likeliest model, in order of time.
     *
     * @return list<float>
     */
    public function innovations(): array
    {
        $best = $this->points[0];
        foreach ($this->points as $point) {
            $best = $point->weight > $best->weight ? $point : $best;
        }

        return array_map(static fn (float $rest): float => $rest / sqrt($best->variance), $best->rests());
    }

    /** @param  callable(Point): array<int, float>  $contrast */
    private function mixture(callable $contrast): Mixture
    {
        return new Mixture(array_map(static function (Point $point) use ($contrast): array {
            $weights = $contrast($point) + array_fill(0, count($point->columns), 0.0);
            ksort($weights);
            $estimate = 0.0;
            foreach ($weights as $c => $weight) {
                $estimate += $weight * $point->fit->coefficients[$c];
            }

            return [
                'weight' => $point->weight,
                'estimate' => $estimate,
                'error' => max(1e-15, $point->fit->standardError($point->variance, ...array_values($weights))),
                'freedom' => $point->fit->degreesOfFreedom,
            ];
        }, $this->points));
    }

    /**
     * @param  list<float>  $strengths  of the wander
     * @return non-empty-list<Point>
     */
    private static function grid(
        Series $series,
        Course $course,
        array $strengths,
        float $variance,
        float $floor,
    ): array {
        $points = [];
        $variances = self::variances($series, $variance);
        foreach (self::LOSSES as $loss) {
            $columns = $course->columns($series, $loss);
            $source = $series->response($loss, 0.0, INF, INF, true);
            $read = array_map(static fn (float $level, float $own): float => $level - $own, $series->levels, $source);
            $wander = new Wander($series, $loss);
            foreach ($strengths as $strength) {
                [$rows, $logs] = $wander->whiten([...$columns, $read], $variances, $strength);
                $y = array_map(static fn (array $row): float => (float) end($row), $rows);
                $x = array_map(static fn (array $row): array => self::withoutLast($row), $rows);
                $fit = LinearFit::of($x, $y);
                $points[] = new Point($loss, $strength, $fit, $fit->variance($floor), $logs, new Sight(
                    $columns,
                    $source,
                    $x,
                    $y,
                    $variances,
                ));
            }
        }

        return $points === [] ? throw SingularFit::tooFewObservations(0, 3) : $points;
    }

    /**
     * @param  non-empty-list<float>  $row
     * @return non-empty-list<float>
     */
    private static function withoutLast(array $row): array
    {
        $less = array_slice($row, 0, -1);

        return $less === [] ? $row : $less;
    }

    /** @param  non-empty-list<Point>  $points */
    private static function best(array $points): Point
    {
        $best = $points[0];
        foreach ($points as $point) {
            $best = $point->logLikelihood() > $best->logLikelihood() ? $point : $best;
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Point>  $points
     * @return non-empty-list<Point>
     */
    private static function weighted(array $points): array
    {
        $most = self::best($points)->logLikelihood();
        $weights = array_map(static fn (Point $point): float => exp($point->logLikelihood() - $most), $points);
        $sum = array_sum($weights);

        return array_map(
            static fn (Point $point, float $weight): Point => $point->weighing($weight / $sum),
            $points,
            $weights,
        );
    }
}
