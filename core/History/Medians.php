<?php

declare(strict_types=1);

namespace Ithys\History;

/** Medians of neighbours. */
final class Medians
{
    /**
     * Of each figure with so many on either side, cut at the ends.
     *
     * @param  list<float>  $x
     * @param  bool  $isLower  of an even number the lower of the two in the middle, else their mean
     * @return list<float>
     */
    public static function around(array $x, int $reach, bool $isLower = false): array
    {
        $medians = [];
        foreach (array_keys($x) as $i) {
            $from = max(0, $i - $reach);
            $medians[] = self::of(array_slice($x, $from, $i + $reach + 1 - $from), $isLower);
        }

        return $medians;
    }

    /** @param  non-empty-list<float>|list<float>  $x */
    public static function of(array $x, bool $isLower = false): float
    {
        sort($x);
        $n = count($x);
        $middle = $x[intdiv($n - 1, 2)] ?? 0.0;

        return $isLower || $n % 2 === 1 ? $middle : ($middle + ($x[intdiv($n, 2)] ?? $middle)) / 2;
    }

    /**
     * Different ones of these, on a grid.
     *
     * @param  list<float>  $x
     * @return list<float>
     */
    public static function levels(array $x, float $grid): array
    {
        $levels = [];
        foreach ($x as $one) {
            $step = (int) round($one / $grid);
            $levels[$step] = $step * $grid;
        }
        ksort($levels);

        return array_values($levels);
    }
}
