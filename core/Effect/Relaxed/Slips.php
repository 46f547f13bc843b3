<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** Readings that were misread or mistyped: they lie far off what the others say of them (Hampel 1974; from memory). */
final class Slips
{
    /** Spreads beyond which a reading is set aside. */
    private const OUTLYING = 3.5;

    /** @return list<int> readings that lie too far off what the others say of them, one in eight at the most */
    public static function among(Series $series, Point $best, float $step): array
    {
        $n = count($series->days);
        $wander = new Wander($series, $best->loss);
        $variances = $best->sight->variances;
        $rests = [];
        foreach ($series->levels as $i => $level) {
            $rests[] = $level - $best->source[$i] - $best->fittedAt($i);
        }
        // The inverse of the covariance, times what is left and times each column, and its diagonal.
        $states = $wander->smooth($rests, $variances, $best->strength);
        $onto = array_map(
            static fn (array $column): array => array_map(
                static fn (float $value, array $state, float $variance): float => ($value - $state[0]) / $variance,
                $column,
                $wander->smooth($column, $variances, $best->strength),
                $variances,
            ),
            $best->columns,
        );
        $off = [];
        foreach ($states as $i => [$level, , $spread]) {
            $own = ($rests[$i] - $level) / $variances[$i];
            $shadow = (1 - $spread / $variances[$i]) / $variances[$i];
            foreach ($onto as $a => $one) {
                foreach ($onto as $b => $other) {
                    $shadow -= $one[$i] * $best->fit->inverse[$a][$b] * $other[$i];
                }
            }
            $off[$i] = $shadow > 1e-12 ? abs($own) / sqrt($shadow) : 0.0;
        }
        $sorted = array_values($off);
        sort($sorted);
        $median = ($sorted[intdiv($n - 1, 2)] + $sorted[intdiv($n, 2)]) / 2;
        $spread = max($median / 0.6745 * sqrt(1 + 3 / $n), $step / sqrt(12), 1e-12);
        arsort($off);
        $beyond = array_keys(array_filter($off, static fn (float $one): bool => $one > self::OUTLYING * $spread));

        return array_slice($beyond, 0, intdiv($n, 8));
    }
}
