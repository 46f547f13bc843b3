<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** Several groups at once: analysis of variance, Holm's correction, and the exact test by exchanging units. */
final class Groups
{
    /** Exchanges that are still counted one by one. */
    private const MOST = 200_000;

    /**
     * One-way analysis of variance.
     *
     * @param  list<list<float>>  $groups  two or more, with more values than groups
     * @return ?array{f: float, between: float, within: float, p: float} null where nothing scatters
     */
    public static function anova(array $groups): ?array
    {
        $all = array_merge(...$groups);
        $mean = Welch::mean($all);
        $between = $within = 0.0;
        foreach ($groups as $group) {
            $own = Welch::mean($group);
            $between += count($group) * ($own - $mean) ** 2;
            $within += array_sum(array_map(static fn (float $one): float => ($one - $own) ** 2, $group));
        }
        [$a, $b] = [count($groups) - 1, count($all) - count($groups)];
        if ($a < 1 || $b < 1 || $within <= 0.0) {
            return null;
        }
        $f = ($between / $a) / ($within / $b);

        return [
            'f' => $f,
            'between' => (float) $a,
            'within' => (float) $b,
            'p' => FDistribution::above($f, (float) $a, (float) $b),
        ];
    }

    /**
     * Holm 1979: each by its rank, never less than the one before.
     *
     * @param  list<float>  $p
     * @return list<float> in the order they came in
     */
    public static function holm(array $p): array
    {
        asort($p);
        [$adjusted, $rank, $least] = [[], 0, 0.0];
        foreach ($p as $at => $one) {
            $least = max($least, min(1.0, (count($p) - $rank++) * $one));
            $adjusted[$at] = $least;
        }
        ksort($adjusted);

        return array_values($adjusted);
    }

    /**
     * Of all ways to share out the units, the share whose means differ at least as much (Fisher's exact test by
     * exchanging units, two-sided).
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return ?float null where there are too many ways to count
     */
    public static function exchange(array $one, array $other): ?float
    {
        $all = [...$one, ...$other];
        $ways = 1.0;
        for ($k = 1; $k <= count($one); $k++) {
            $ways *= (count($all) - count($one) + $k) / $k;
        }
        if ($ways > self::MOST || $one === [] || $other === []) {
            return null;
        }
        $total = array_sum($all);
        $seen = self::apart(array_sum($one), $total, count($one), count($all));
        $far = $count = 0;
        foreach (self::sums($all, count($one), 0, 0.0) as $sum) {
            $count++;
            // A hair less counts as the same: sums are not exact.
            $far += self::apart($sum, $total, count($one), count($all)) >= $seen * (1 - 1e-12) ? 1 : 0;
        }

        return $far / $count;
    }

    private static function apart(float $sum, float $total, int $of, int $all): float
    {
        return abs($sum / $of - ($total - $sum) / ($all - $of));
    }

    /**
     * @param  list<float>  $all
     * @return iterable<float> of each way to take so many of the rest
     */
    private static function sums(array $all, int $take, int $from, float $sum): iterable
    {
        if ($take === 0) {
            yield $sum;

            return;
        }
        for ($at = $from; $at <= count($all) - $take; $at++) {
            yield from self::sums($all, $take - 1, $at + 1, $sum + $all[$at]);
        }
    }
}
