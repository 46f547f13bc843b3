<?php

declare(strict_types=1);

namespace Ithys\History;

/** The cheapest story: a level for each figure, where leaving a level costs so much and not fitting it some. */
final class CheapestPath
{
    /**
     * @param  int  $n  how many figures
     * @param  int  $levels  how many levels
     * @param  callable(int, int): float  $cost  of a figure at a level
     * @param  float  $change  what leaving a level costs
     * @return list<array{int, int}> first and last figure of each stretch of one level
     */
    public static function stretches(int $n, int $levels, callable $cost, float $change): array
    {
        $came = [];
        $sums = array_fill(0, $levels, 0.0);
        [$level, $least] = [0, INF];
        for ($i = 0; $i < $n; $i++) {
            [$best, $from] = [$level, $least + $change];
            [$level, $least] = [0, INF];
            $row = [];
            foreach ($sums as $j => $sum) {
                $row[] = $from < $sum ? $best : $j;
                $sums[$j] = $sum = min($sum, $from) + $cost($i, $j);
                [$level, $least] = $sum < $least ? [$j, $sum] : [$level, $least];
            }
            $came[] = $row;
        }
        $stretches = [];
        $last = $n - 1;
        for ($i = $n - 1; $i > 0; $i--) {
            $before = $came[$i][$level];
            if ($before !== $level) {
                array_unshift($stretches, [$i, $last]);
                [$level, $last] = [$before, $i - 1];
            }
        }
        array_unshift($stretches, [0, $last]);

        return $stretches;
    }
}
