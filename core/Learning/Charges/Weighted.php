<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** Points of a weighted distribution: the cumulative weight is taken in the middle of each value. */
final class Weighted
{
    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     */
    public static function point(array $values, array $weights, float $share): float
    {
        return self::points($values, $weights, [$share])[0];
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     * @return array{float, float, float} the middle, and the ends of 80 %
     */
    public static function range(array $values, array $weights): array
    {
        [$middle, $low, $high] = self::points($values, $weights, [0.5, 0.1, 0.9]);

        return [$middle, $low, $high];
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     * @param  list<float>  $shares
     * @return list<float>
     */
    private static function points(array $values, array $weights, array $shares): array
    {
        array_multisort($values, $weights);
        $all = array_sum($weights);

        return array_map(static function (float $share) use ($values, $weights, $all): float {
            [$sum, $before, $at] = [0.0, null, 0.0];
            foreach ($values as $n => $value) {
                $middle = ($sum + $weights[$n] / 2) / $all;
                if ($middle >= $share) {
                    return $before === null || ! is_finite($value)
                        ? $value
                        : $before + ($value - $before) * ($share - $at) / max(1e-12, $middle - $at);
                }
                [$before, $at] = [$value, $middle];
                $sum += $weights[$n];
            }

            return $before ?? 0.0;
        }, $shares);
    }
}
