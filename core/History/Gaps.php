<?php

declare(strict_types=1);

namespace Ithys\History;

/**
 * How often a routine is done, as stretches of one interval. A gap may hold acts that were done and not logged: then it
 * is so many intervals long.
 */
final readonly class Gaps
{
    private const REACH = 3;

    private const LAST = 200;

    /** Spread of a gap on the logarithm, and share of acts that are not logged, where they can lie. */
    private const SPREAD = [0.08, 0.6];

    private const SKIPS = [0.03, 0.45];

    /** Of two starts the second is taken only where it is better by so much. */
    private const BETTER = 0.15;

    private const ACTS = 3;

    private const DAYS = 7.0;

    /**
     * @param  list<Stretch>  $stretches  over the gaps; their means are intervals, days
     * @param  float  $spread  of a gap on the logarithm
     * @param  float  $skips  share of acts that are not logged
     * @param  array<int, int>  $parts  of each gap: of how many intervals it is, 0 where nobody knows
     * @param  list<int>  $silences  the gaps that are longer than skipped acts explain
     */
    private function __construct(
        public array $stretches,
        public float $spread,
        public float $skips,
        public array $parts,
        public array $silences,
    ) {
    }

    /**
     * @param  list<?float>  $gaps  days from each act to the next; null across a stop
     * @param  float  $change  what a change costs
     */
    public static function of(array $gaps, float $change): self
    {
        $known = array_values(array_filter($gaps, is_float(...)));
        if ($known === []) {
            return new self([], self::SPREAD[1], self::SKIPS[0], [], []);
        }
        [$spread, $skips] = self::habits($known);
        $cost = static fn (float $gap, float $interval): float => self::explained($gap, $interval, $spread, $skips)[0];
        $parts = static fn (float $gap, float $interval): int => self::parts($gap, $interval, $spread, $skips);
        $levels = Medians::levels(Medians::around(array_map(log(...), $known), 2), $spread / 5);
        // The interval that explains a stretch, and what it costs there.
        $fitted = static function (int $first, int $last, ?float $interval = null) use ($known, $cost, $parts): array {
            $interval ??= Medians::of(array_slice($known, $first, $last - $first + 1), true);
            for ($round = 0; $round < 2; $round++) {
                $days = $all = 0.0;
                for ($i = $first; $i <= $last; $i++) {
                    $k = $parts($known[$i], $interval);
                    $days += $k > 0 ? $known[$i] : 0.0;
                    $all += $k;
                }
                $interval = $all > 0 ? $days / $all : $interval;
            }
            $costs = 0.0;
            for ($i = $first; $i <= $last; $i++) {
                $costs += $cost($known[$i], $interval);
            }

            return [$interval, $costs];
        };
        $path = CheapestPath::stretches(
            count($known),
            count($levels),
            static fn (int $i, int $j): float => $cost($known[$i], exp($levels[$j])),
            $change,
        );
        $stretches = self::joined($path, $known, $change, $fitted);
        $all = $silences = [];
        foreach ($stretches as $stretch) {
            for ($i = $stretch->first; $i <= $stretch->last; $i++) {
                $isSilence = $known[$i] > max(10.0, 4 * $stretch->mean * exp($spread));
                $all[$i] = $isSilence ? 0 : self::explained($known[$i], $stretch->mean, $spread, $skips)[1];
                $isSilence && $silences[] = $i;
            }
        }

        return self::overAll($gaps, $stretches, $spread, self::skips($all), $all, $silences);
    }

    /**
     * With the gaps across stops counted again.
     *
     * @param  list<?float>  $gaps
     * @param  list<Stretch>  $stretches  over the known gaps
     * @param  array<int, int>  $parts
     * @param  list<int>  $silences
     */
    private static function overAll(
        array $gaps,
        array $stretches,
        float $spread,
        float $skips,
        array $parts,
        array $silences,
    ): self {
        $place = array_keys(array_filter($gaps, is_float(...)));
        $own = [];
        foreach ($parts as $i => $k) {
            $own[$place[$i]] = $k;
        }

        return new self(
            array_map(
                static fn (Stretch $one): Stretch => new Stretch($place[$one->first], $place[$one->last], $one->mean),
                $stretches,
            ),
            $spread,
            $skips,
            $own,
            array_map(static fn (int $i): int => $place[$i], $silences),
        );
    }

    /**
     * What a gap costs, and of how many intervals it is.
     *
     * @return array{float, int}
     */
    private static function explained(float $gap, float $interval, float $spread, float $skips): array
    {
        $r = $gap / $interval;
        $k = max(1, (int) floor($r));
        $best = [INF, $k];
        foreach ($r > $k ? [$k, $k + 1] : [$k] as $one) {
            $cost = (log($r / $one) / $spread) ** 2 / 2 - ($one - 1) * log($skips) - log(1 - $skips);
            $best = $cost < $best[0] ? [$cost, $one] : $best;
        }

        return [min(Amounts::MOST, $best[0]), $best[1]];
    }

    private static function parts(float $gap, float $interval, float $spread, float $skips): int
    {
        [$cost, $k] = self::explained($gap, $interval, $spread, $skips);

        return $cost < Amounts::MOST ? $k : ($gap / $interval < 1.5 ? 1 : 0);
    }

    /**
     * How far gaps scatter and how many acts are not logged, by the last of them.
     *
     * @param  non-empty-list<float>|list<float>  $known
     * @return array{float, float}
     */
    private static function habits(array $known): array
    {
        $gaps = array_slice($known, -self::LAST);
        $intervals = Medians::around($gaps, self::REACH, true);
        $best = null;
        foreach ([[0.45, 0.1], [0.15, 0.2]] as [$spread, $skips]) {
            for ($round = 0; $round < 4; $round++) {
                $logs = $parts = [];
                foreach ($gaps as $i => $gap) {
                    $parts[] = $k = self::freely($gap, $intervals[$i], $spread, $skips);
                    $logs[] = log($gap / $k);
                }
                $was = $spread;
                $spread = min(self::SPREAD[1], max(self::SPREAD[0], Spread::ofSteps($logs)));
                $skips = self::skips($parts);
                if (abs($spread / $was - 1) < 0.02) {
                    break;
                }
            }
            $costs = 0.0;
            foreach ($gaps as $i => $gap) {
                $costs += self::explained($gap, $intervals[$i], $spread, $skips)[0];
            }
            $score = $costs / count($gaps) + log($spread);
            if ($best === null || $score < $best[2] - self::BETTER) {
                $best = [$spread, $skips, $score];
            }
        }

        return [$best[0], $best[1]];
    }

    private static function freely(float $gap, float $interval, float $spread, float $skips): int
    {
        return self::explained($gap, $interval, $spread, $skips)[1];
    }

    /** @param  array<int, int>  $parts */
    private static function skips(array $parts): float
    {
        $counted = array_filter($parts, static fn (int $k): bool => $k > 0 && $k <= 6);

        return min(self::SKIPS[1], max(
            self::SKIPS[0],
            (array_sum($counted) - count($counted) + 0.5) / (array_sum($counted) + 3),
        ));
    }

    /**
     * Stretches that are too short or too alike join.
     *
     * @param  list<array{int, int}>  $path
     * @param  list<float>  $known
     * @param  callable(int, int, ?float=): array{float, float}  $fitted
     * @return list<Stretch>
     */
    private static function joined(array $path, array $known, float $change, callable $fitted): array
    {
        $all = array_map(static fn (array $one): array => [...$one, ...$fitted($one[0], $one[1])], $path);
        while (count($all) > 1) {
            $found = null;
            for ($at = 0; $at + 1 < count($all); $at++) {
                [$a, $b] = [$all[$at], $all[$at + 1]];
                [$interval, $cost] = $fitted($a[0], $b[1]);
                $loss = $cost - $a[3] - $b[3];
                $isAlike = abs(log($a[2] / $b[2])) < Amounts::TELLABLE;
                $isShort = self::isShort($a, $known) || self::isShort($b, $known);
                if (! $isAlike && ! $isShort && $loss >= $change) {
                    continue;
                }
                $rank = [$isAlike || $isShort ? 0 : 1, $loss];
                if ($found === null || $rank < $found[0]) {
                    $found = [$rank, $at, [$a[0], $b[1], $interval, $cost]];
                }
            }
            if ($found === null) {
                break;
            }
            array_splice($all, $found[1], 2, [$found[2]]);
        }

        return array_map(static fn (array $one): Stretch => new Stretch($one[0], $one[1], $one[2]), $all);
    }

    /**
     * @param  array{int, int, float, float}  $one
     * @param  list<float>  $known
     */
    private static function isShort(array $one, array $known): bool
    {
        return $one[1] - $one[0] + 1 < self::ACTS
            || array_sum(array_slice($known, $one[0], $one[1] - $one[0] + 1)) < self::DAYS;
    }
}
