<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** The median of the slopes between all pairs of points, which single slips do not move (Theil 1950, Sen 1968). */
final class TheilSen
{
    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @return ?float null while no two points differ in x
     */
    public static function slope(array $x, array $y): ?float
    {
        $slopes = [];
        foreach ($x as $i => $a) {
            for ($j = $i + 1; $j < count($x); $j++) {
                if ($x[$j] !== $a) {
                    $slopes[] = ($y[$j] - $y[$i]) / ($x[$j] - $a);
                }
            }
        }
        sort($slopes);
        $n = count($slopes);

        return $n === 0 ? null : ($slopes[intdiv($n - 1, 2)] + $slopes[intdiv($n, 2)]) / 2;
    }
}
