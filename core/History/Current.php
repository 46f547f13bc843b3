<?php

declare(strict_types=1);

namespace Ithys\History;

/** What goes on now, by the last stretch of amounts and of gaps, the latest acts counting most. */
final readonly class Current
{
    /** Days in which an act comes to count half. */
    private const HALVES = 28.0;

    /** Half of a range that holds 90 %, in standard deviations. */
    private const RANGE = 1.65;

    /** A step that is less likely than this is not looked at. */
    private const UNLIKELY = 0.02;

    /** Acts or gaps before a step, and gaps after it. */
    private const FEWEST = 3;

    public Rate $rate;

    /** Amount of an act, and days from one to the next. */
    public float $amount;

    public float $interval;

    /** Amounts a day if every act that was not logged was done, and if none was. */
    public float $on;

    public float $real;

    /**
     * @param  non-empty-list<DayActs>  $acts
     * @param  list<?float>  $gaps
     * @param  float  $active  share of the days of a week on which it is done where it is done daily, else 1
     */
    public function __construct(
        array $acts,
        array $gaps,
        Amounts $amounts,
        Gaps $often,
        float $now,
        float $change,
        Manner $manner,
        float $active = 1.0,
    ) {
        $lastGaps = $often->stretches[count($often->stretches) - 1];
        $halves = max(self::HALVES, 4 * $lastGaps->mean);
        $weigh = static fn (DayActs $act): float => 2 ** (-($now - $act->day) / $halves);
        $each = self::each($acts, $amounts, $weigh, $change);
        [$perDay, $gap] = self::times($acts, $gaps, $often, $weigh, $change);
        $last = $amounts->stretches[count($amounts->stretches) - 1];
        $this->amount = $each->value * self::forgotten(array_slice($acts, $last->first));
        $this->interval = 1 / $perDay->value;
        $this->on = $this->amount * ($active < 1.0 ? $active : $perDay->value);
        $this->real = min($this->on, $this->amount / $gap);
        $error = exp(self::RANGE * sqrt(
            $amounts->spread ** 2 / $each->count
            + ($active < 1.0 ? 0.0 : $often->spread ** 2 / $perDay->count),
        ));
        $this->rate = new Rate(
            $manner->done * $this->on + (1 - $manner->done) * $this->real,
            $this->real * min(1 / $error, $each->least * $perDay->least),
            $this->on * max($error, $each->most * $perDay->most),
            Known::Logged,
            $this->interval,
        );
    }

    /**
     * The amount of an act.
     *
     * @param  non-empty-list<DayActs>  $acts
     * @param  callable(DayActs): float  $weigh
     */
    private static function each(array $acts, Amounts $amounts, callable $weigh, float $change): SteppedMean
    {
        $last = $amounts->stretches[count($amounts->stretches) - 1];
        $weights = $each = $logs = [];
        for ($i = $last->first; $i <= $last->last; $i++) {
            $weights[] = $weigh($acts[$i]);
            $each[] = self::held(log($acts[$i]->amount), $last->mean, $amounts->spread);
            $logs[] = $amounts->held[$i];
        }
        [$at, $likely] = self::latestStep($logs, 2, $amounts->spread, $change);
        $behind = array_slice($each, $at);

        return SteppedMean::of(
            self::mean($each, $weights),
            array_sum($behind) / max(1, count($behind)),
            $likely > self::UNLIKELY ? $likely : 0.0,
            $weights,
        );
    }

    /**
     * How often a day, and the mean days from one logged act to the next.
     *
     * @param  non-empty-list<DayActs>  $acts
     * @param  list<?float>  $gaps
     * @param  callable(DayActs): float  $weigh
     * @return array{SteppedMean, float}
     */
    private static function times(array $acts, array $gaps, Gaps $often, callable $weigh, float $change): array
    {
        $last = $often->stretches[count($often->stretches) - 1];
        $weights = $days = $parts = $logs = [];
        for ($i = $last->first; $i <= $last->last; $i++) {
            $k = $often->parts[$i] ?? 0;
            $gap = $gaps[$i] ?? null;
            if ($k > 0 && $gap !== null) {
                $weights[] = $weigh($acts[$i]);
                $days[] = $gap;
                $parts[] = (float) $k;
                $logs[] = log($gap / $k);
            }
        }
        if ($weights === []) {
            return [SteppedMean::of(1 / $last->mean, 0.0, 0.0, [1.0]), $last->mean];
        }
        [$at, $likely] = self::latestStep($logs, self::FEWEST, $often->spread, $change);
        $gap = self::mean($days, $weights);

        return [SteppedMean::of(
            self::mean($parts, $weights) / $gap,
            array_sum(array_slice($parts, $at)) / array_sum(array_slice($days, $at)),
            $likely > self::UNLIKELY ? $likely : 0.0,
            $weights,
        ), $gap];
    }

    public static function held(float $log, float $mean, float $spread): float
    {
        return exp(min($mean + 3 * $spread, max($mean - 3 * $spread, $log)));
    }

    /**
     * On days with fewer entries than usual the others were not logged.
     *
     * @param  list<DayActs>  $acts
     */
    public static function forgotten(array $acts): float
    {
        $times = array_count_values(array_map(static fn (DayActs $one): int => $one->count, $acts));
        arsort($times);
        $commonest = array_key_first($times) ?? 1;
        if ($commonest <= 1 || 2 * $times[$commonest] < count($acts)) {
            return 1.0;
        }
        $with = $without = 0.0;
        foreach ($acts as $one) {
            $without += $one->amount;
            $with += $one->amount / $one->count * max($commonest, $one->count);
        }

        return $with / $without;
    }

    /**
     * Where a step is most likely, and how likely.
     *
     * @param  list<float>  $logs
     * @return array{int, float}
     */
    private static function latestStep(array $logs, int $after, float $spread, float $change): array
    {
        $n = count($logs);
        $sum = array_sum($logs);
        [$best, $at, $before] = [-INF, 0, 0.0];
        for ($k = 1; $k <= $n - $after; $k++) {
            $before += $logs[$k - 1];
            if ($k < self::FEWEST) {
                continue;
            }
            $step = ($sum - $before) / ($n - $k) - $before / $k;
            $speaks = Amounts::step($k, $n - $k, $step, $spread);
            [$best, $at] = $speaks > $best ? [$speaks, $k] : [$best, $at];
        }

        return [$at, 1 / (1 + exp($change - $best))];
    }

    /**
     * @param  list<float>  $each
     * @param  list<float>  $weights
     */
    private static function mean(array $each, array $weights): float
    {
        $sum = 0.0;
        foreach ($each as $i => $one) {
            $sum += $weights[$i] * $one;
        }

        return $sum / array_sum($weights);
    }
}
