<?php

declare(strict_types=1);

namespace Ithys\History;

/** How much one act of a routine is, as stretches of one level on the logarithm of the amounts. */
final readonly class Amounts
{
    /** What an act that does not fit costs at most. */
    public const MOST = 4.0;

    /** Acts and days that a stretch has at least. */
    private const ACTS = 3;

    private const DAYS = 7;

    /** Steps that are smaller are none. */
    public const TELLABLE = 0.0953101798;

    private const FINEST = 0.05;

    /**
     * @param  non-empty-list<Stretch>  $stretches  over the acts
     * @param  list<array{int, int}>  $dates  the earliest and latest day of each boundary between them
     * @param  float  $spread  of one act, on the logarithm
     * @param  list<float>  $held  logarithms of the amounts, held near their neighbours
     */
    private function __construct(
        public array $stretches,
        public array $dates,
        public float $spread,
        public array $held,
    ) {
    }

    /**
     * @param  non-empty-list<float>  $x  logarithms of the amounts
     * @param  non-empty-list<int>  $days  of the acts, rising
     * @param  float  $change  what a change costs
     */
    public static function of(array $x, array $days, float $now, float $change): self
    {
        $steps = Spread::ofSteps($x);
        $memory = Spread::memory($x, $steps);
        $found = self::found($x, $days, $now, $change, max(self::FINEST, $steps * $memory));
        $off = [];
        foreach ($found->stretches as $stretch) {
            for ($i = $stretch->first; $i <= $stretch->last; $i++) {
                $off[] = ($x[$i] - $stretch->mean) ** 2;
            }
        }
        $left = max(self::FINEST, Spread::of($off) * $memory);

        return $left < 0.8 * $found->spread ? self::found($x, $days, $now, $change, $left) : $found;
    }

    /**
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<int>  $days
     */
    private static function found(array $x, array $days, float $now, float $change, float $spread): self
    {
        $medians = Medians::around($x, 2);
        $levels = Medians::levels($medians, $spread / 5);
        $held = [];
        $sums = [0.0];
        foreach ($x as $i => $one) {
            $held[] = min($medians[$i] + 3 * $spread, max($medians[$i] - 3 * $spread, $one));
            $sums[] = end($sums) + end($held);
        }
        $mean = static fn (int $first, int $last): float => ($sums[$last + 1] - $sums[$first]) / ($last - $first + 1);
        $stretches = array_map(
            static fn (array $one): Stretch => new Stretch($one[0], $one[1], $mean($one[0], $one[1])),
            CheapestPath::stretches(
                count($x),
                count($levels),
                static fn (int $i, int $j): float => self::cost($x[$i] - $levels[$j], $spread),
                $change,
            ),
        );
        $stretches = self::tidied($stretches, $days, $now, $change, $spread, $mean);
        [$stretches, $dates] = self::placed($stretches, $x, $days, $spread, $mean);

        return new self($stretches, $dates, $spread, $held);
    }

    private static function cost(float $off, float $spread): float
    {
        return min(self::MOST, ($off / $spread) ** 2 / 2);
    }

    /**
     * What speaks for a step between two stretches.
     */
    public static function step(int $before, int $after, float $step, float $spread): float
    {
        return $before * $after / ($before + $after) * $step ** 2 / (2 * $spread ** 2);
    }

    /**
     * Short stretches and weak steps join their neighbours.
     *
     * @param  list<Stretch>  $all
     * @param  non-empty-list<int>  $days
     * @param  callable(int, int): float  $mean
     * @return non-empty-list<Stretch>
     */
    private static function tidied(
        array $all,
        array $days,
        float $now,
        float $change,
        float $spread,
        callable $mean,
    ): array {
        while (count($all) > 1) {
            $at = self::shortest($all, $days, $now);
            if ($at !== null) {
                $before = $at > 0 ? abs($all[$at - 1]->mean - $all[$at]->mean) : INF;
                $after = isset($all[$at + 1]) ? abs($all[$at + 1]->mean - $all[$at]->mean) : INF;
                $at = $before <= $after ? $at - 1 : $at;
            } else {
                $at = self::weakest($all, $change, $spread);
            }
            if ($at === null) {
                break;
            }
            [$first, $last] = [$all[$at]->first, $all[$at + 1]->last];
            array_splice($all, $at, 2, [new Stretch($first, $last, $mean($first, $last))]);
        }

        return $all ?: [new Stretch(0, count($days) - 1, $mean(0, count($days) - 1))];
    }

    /**
     * @param  list<Stretch>  $all
     * @param  non-empty-list<int>  $days
     */
    private static function shortest(array $all, array $days, float $now): ?int
    {
        $found = null;
        foreach ($all as $at => $one) {
            $next = $all[$at + 1] ?? null;
            $long = ($next === null ? $now : $days[$next->first]) - $days[$one->first];
            if (($one->count() < self::ACTS || $long < self::DAYS)
                && ($found === null || $one->count() < $all[$found]->count())) {
                $found = $at;
            }
        }

        return $found;
    }

    /**
     * The first of the pair that joins next.
     *
     * @param  list<Stretch>  $all
     */
    private static function weakest(array $all, float $change, float $spread): ?int
    {
        [$found, $least] = [null, INF];
        for ($at = 0; $at + 1 < count($all); $at++) {
            $step = $all[$at + 1]->mean - $all[$at]->mean;
            $speaks = self::step($all[$at]->count(), $all[$at + 1]->count(), $step, $spread);
            if (($speaks < $change || abs($step) < self::TELLABLE) && $speaks < $least) {
                [$found, $least] = [$at, $speaks];
            }
        }

        return $found;
    }

    /**
     * Each boundary where both sides fit best.
     *
     * @param  non-empty-list<Stretch>  $all
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<int>  $days
     * @param  callable(int, int): float  $mean
     * @return array{non-empty-list<Stretch>, list<array{int, int}>}
     */
    private static function placed(array $all, array $x, array $days, float $spread, callable $mean): array
    {
        $dates = [];
        for ($round = 0; $round < 2; $round++) {
            for ($at = 0; $at + 1 < count($all); $at++) {
                [$before, $after] = [$all[$at], $all[$at + 1]];
                $costs = self::costsOfBoundary($before, $after, $x, $spread);
                if ($costs === []) {
                    $dates[$at] = [$days[$after->first - 1], $days[$after->first]];

                    continue;
                }
                $least = min($costs);
                $near = array_filter($costs, static fn (float $cost): bool => $cost <= $least + 2);
                $first = (int) array_search($least, $costs, true);
                $dates[$at] = [
                    $days[(array_key_first($near) ?? $first) - 1],
                    $days[array_key_last($near) ?? $first],
                ];
                $all[$at] = new Stretch($before->first, $first - 1, $mean($before->first, $first - 1));
                $all[$at + 1] = new Stretch($first, $after->last, $mean($first, $after->last));
            }
        }

        return [array_values($all), array_values($dates)];
    }

    /**
     * By the first act of the new stretch.
     *
     * @param  non-empty-list<float>  $x
     * @return array<int, float>
     */
    private static function costsOfBoundary(Stretch $before, Stretch $after, array $x, float $spread): array
    {
        [$from, $to] = [$before->first + self::ACTS, $after->last - self::ACTS];
        if ($to < $from) {
            return [];
        }
        $cost = 0.0;
        for ($i = $before->first; $i <= $after->last; $i++) {
            $cost += self::cost($x[$i] - ($i < $from ? $before->mean : $after->mean), $spread);
        }
        $costs = [$from => $cost];
        for ($k = $from + 1; $k <= $to; $k++) {
            $cost += self::cost($x[$k - 1] - $before->mean, $spread)
                - self::cost($x[$k - 1] - $after->mean, $spread);
            $costs[$k] = $cost;
        }

        return $costs;
    }
}
