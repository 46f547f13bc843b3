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
        $last = $amounts->stretches[count($amounts->stretches) - 1];
        $lastGaps = $often->stretches[count($often->stretches) - 1];
        $halves = max(self::HALVES, 4 * $lastGaps->mean);
        $weigh = static fn (int $day): float => 2 ** (-($now - $day) / $halves);
        $weights = $each = $logs = [];
        for ($i = $last->first; $i <= $last->last; $i++) {
            $weights[] = $weigh($acts[$i]->day);
            $each[] = self::held(log($acts[$i]->amount), $last->mean, $amounts->spread);
            $logs[] = $amounts->held[$i];
        }
        [$amount, $lowA, $highA] = self::mixed($each, $weights, $logs, 2, $amounts->spread, $change);
        $more = self::forgotten(array_slice($acts, $last->first));
        $gapWeights = $perPart = $gapLogs = $days = [];
        $sumG = $sumK = 0.0;
        for ($i = $lastGaps->first; $i <= $lastGaps->last; $i++) {
            $k = $often->parts[$i] ?? 0;
            $gap = $gaps[$i] ?? null;
            if ($k > 0 && $gap !== null) {
                $gapWeights[] = $w = $weigh($acts[$i]->day);
                $sumG += $w * $gap;
                $sumK += $w * $k;
                $days[] = $gap;
                $gapLogs[] = log($gap / $k);
                $perPart[] = [$gap, $k];
            }
        }
        $this->amount = $amount * $more;
        $interval = $sumK > 0 ? $sumG / $sumK : $lastGaps->mean;
        [$often1, $lowT, $highT] = self::mixedOften($perPart, $gapLogs, $often->spread, $change, $interval);
        $this->interval = 1 / $often1;
        $mean = $gapWeights === [] ? $interval : $sumG / array_sum($gapWeights);
        $this->on = $on = $active < 1.0 ? $this->amount * $active : $this->amount * $often1;
        $this->real = $real = min($on, $this->amount / $mean);
        $error = sqrt(
            $amounts->spread ** 2 / self::effective($weights)
            + ($gapWeights === [] || $active < 1.0 ? 0.0 : $often->spread ** 2 / self::effective($gapWeights)),
        );
        $this->rate = new Rate(
            $manner->done * $on + (1 - $manner->done) * $real,
            min($real * exp(-self::RANGE * $error), $real * $lowA / $amount * $lowT / $often1),
            max($on * exp(self::RANGE * $error), $on * $highA / $amount * $highT / $often1),
            Known::Logged,
        );
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
     * A mean with the latest step in it that is not sure yet, as far as it is likely.
     *
     * @param  list<float>  $each
     * @param  list<float>  $weights
     * @param  list<float>  $logs
     * @param  int  $after  how many there are behind the step at least
     * @return array{float, float, float} the mean, and its least and most
     */
    private static function mixed(
        array $each,
        array $weights,
        array $logs,
        int $after,
        float $spread,
        float $change,
    ): array {
        $all = self::mean($each, $weights);
        [$at, $likely] = self::latestStep($logs, $after, $spread, $change);
        if ($likely <= self::UNLIKELY) {
            return [$all, $all, $all];
        }
        $behind = array_sum(array_slice($each, $at)) / (count($each) - $at);
        $mixed = (1 - $likely) * $all + $likely * $behind;

        return [$mixed, min($all, $behind), max($all, $behind)];
    }

    /**
     * The same of how often a day.
     *
     * @param  list<array{float, int}>  $gaps  days and intervals
     * @param  list<float>  $logs
     * @return array{float, float, float}
     */
    private static function mixedOften(
        array $gaps,
        array $logs,
        float $spread,
        float $change,
        float $interval,
    ): array {
        [$at, $likely] = self::latestStep($logs, 3, $spread, $change);
        if ($likely <= self::UNLIKELY) {
            return [1 / $interval, 1 / $interval, 1 / $interval];
        }
        $after = array_slice($gaps, $at);
        $all = 1 / $interval;
        $behind = array_sum(array_column($after, 1)) / array_sum(array_column($after, 0));
        $mixed = (1 - $likely) * $all + $likely * $behind;

        return [$mixed, min($all, $behind), max($all, $behind)];
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
            if ($k < 3) {
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

    /** @param  non-empty-list<float>|list<float>  $weights */
    private static function effective(array $weights): float
    {
        return array_sum($weights) ** 2 / array_sum(array_map(static fn (float $one): float => $one ** 2, $weights));
    }
}
