<?php

declare(strict_types=1);

namespace Ithys\Panel;

/**
 * A thin rectangular plate under water: upright with the water to its top edge, pressure from nothing at the top to q0
 * at the bottom, or lying under an even pressure q0.
 *
 * Lévy's single series (Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells): the two upright edges and the
 * bottom simply supported, the top simply supported or free. Small deflections.
 */
final readonly class Plate
{
    private const TERMS = 18;

    private const POINTS = 40;

    private function __construct(
        /** Greatest deflection as w D / (q0 H^4). */
        public float $deflection,
        /** Greatest bending moment as 6 M / (q0 H^2), along or across. */
        public float $stress,
    ) {
    }

    /** @param  float  $lengthOverHeight  length of the plate along the water, over its height */
    public static function solve(float $lengthOverHeight, Support $support, float $poisson): self
    {
        return self::series($lengthOverHeight, $support, $poisson, static fn (float $y): float => $y);
    }

    /**
     * Under an even pressure, held on all four edges.
     *
     * @param  float  $lengthOverWidth  one side over the other, which takes the place of the height
     */
    public static function lying(float $lengthOverWidth, float $poisson): self
    {
        return self::series($lengthOverWidth, Support::FourEdges, $poisson, static fn (float $y): float => 1.0);
    }

    /** @param  callable(float): float  $pressure  over q0, straight from the top edge at 0 to the other at 1 */
    private static function series(float $lengthOverHeight, Support $support, float $poisson, callable $pressure): self
    {
        // Height, load and stiffness are one; y runs down from the top edge.
        $w = $along = $across = array_fill(0, self::POINTS + 1, 0.0);
        $pushed = array_map(static fn (int $i): float => $pressure($i / self::POINTS), array_keys($w));
        for ($m = 1; $m < 2 * self::TERMS; $m += 2) {
            $alpha = $m * M_PI / $lengthOverHeight;
            $load = 4 / ($m * M_PI) / $alpha ** 4;
            [$c0, $c1, $c2, $c3] = self::coefficients($alpha, $load, $support, $poisson, $pressure);
            $sign = $m % 4 === 1 ? 1.0 : -1.0;
            // Both moments in units of alpha², the second derivative along being -alpha² w.
            $bend = $sign * $alpha ** 2;
            $faded = [1.0];
            for ($i = 1, $step = exp(-$alpha / self::POINTS); $i <= self::POINTS; $i++) {
                $faded[] = $faded[$i - 1] * $step;
            }
            for ($i = 0; $i <= self::POINTS; $i++) {
                $u = $alpha * $i / self::POINTS;
                $v = $alpha - $u;
                $fromTop = $faded[$i];
                $fromFoot = $faded[self::POINTS - $i];
                $value = $load * $pushed[$i] + ($c0 + $c1 * $u) * $fromTop + ($c2 + $c3 * $v) * $fromFoot;
                $curvature = ($c0 + $c1 * ($u - 2)) * $fromTop + ($c2 + $c3 * ($v - 2)) * $fromFoot;
                $w[$i] += $sign * $value;
                $along[$i] += $bend * ($value - $poisson * $curvature);
                $across[$i] += $bend * ($poisson * $value - $curvature);
            }
        }

        return new self(self::peak($w), 6 * max(self::peak($along), self::peak($across)));
    }

    /**
     * The greatest size among values at even steps, between them by the parabola through three.
     *
     * @param  non-empty-array<int, float>  $values
     */
    private static function peak(array $values): float
    {
        $sizes = array_map(abs(...), $values);
        $most = max($sizes);
        $i = (int) array_search($most, $sizes, true);
        [$before, $after] = [$sizes[$i - 1] ?? null, $sizes[$i + 1] ?? null];
        $curve = ($before ?? 0.0) - 2 * $most + ($after ?? 0.0);

        return $before === null || $after === null || $curve >= 0.0
            ? $most
            : $most - ($after - $before) ** 2 / (8 * $curve);
    }

    /**
     * The four functions that solve the plate between its edges, with their derivatives in units of alpha: two that
     * fade from the top, two from the bottom, so that nothing grows beyond measure.
     *
     * @return array{array{float, float, float, float}, array{float, float, float, float}, array{float, float, float,
     *   float}, array{float, float, float, float}}
     */
    private static function basis(float $alpha, float $y): array
    {
        $u = $alpha * $y;
        $v = $alpha * (1 - $y);
        $a = exp(-$u);
        $b = exp(-$v);

        return [
            [$a, $u * $a, $b, $v * $b],
            [-$a, (1 - $u) * $a, $b, -(1 - $v) * $b],
            [$a, ($u - 2) * $a, $b, ($v - 2) * $b],
            [-$a, (3 - $u) * $a, $b, -(3 - $v) * $b],
        ];
    }

    /**
     * @param  callable(float): float  $pressure
     * @return array{float, float, float, float}
     */
    private static function coefficients(
        float $alpha,
        float $load,
        Support $support,
        float $poisson,
        callable $pressure,
    ): array {
        $top = self::basis($alpha, 0.0);
        $foot = self::basis($alpha, 1.0);
        $rows = $support === Support::FourEdges
            ? [[...$top[0], -$load * $pressure(0.0)], [...$top[2], 0.0]]
            : [
                [...self::combine($top[2], $top[0], -$poisson), 0.0],
                [...self::combine($top[3], $top[1], -(2 - $poisson)), (2 - $poisson) * $load / $alpha],
            ];
        array_push($rows, [...$foot[0], -$load * $pressure(1.0)], [...$foot[2], 0.0]);

        return self::eliminate($rows);
    }

    /**
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     * @return list<float>
     */
    private static function combine(array $one, array $other, float $factor): array
    {
        return array_map(static fn (float $a, float $b): float => $a + $factor * $b, $one, $other);
    }

    /**
     * Gauss with the largest pivot.
     *
     * @param  list<list<float>>  $rows  four rows of four coefficients and the right side
     * @return array{float, float, float, float}
     */
    private static function eliminate(array $rows): array
    {
        $n = count($rows);
        for ($i = 0; $i < $n; $i++) {
            $pivot = $i;
            for ($j = $i + 1; $j < $n; $j++) {
                $pivot = abs($rows[$j][$i]) > abs($rows[$pivot][$i]) ? $j : $pivot;
            }
            [$rows[$i], $rows[$pivot]] = [$rows[$pivot], $rows[$i]];
            for ($j = 0; $j < $n; $j++) {
                $factor = $j === $i ? 0.0 : $rows[$j][$i] / $rows[$i][$i];
                $rows[$j] = array_map(static fn (float $a, float $b): float => $a - $factor * $b, $rows[$j], $rows[$i]);
            }
        }

        $root = static fn (int $i): float => $rows[$i][$n] / $rows[$i][$i];

        return [$root(0), $root(1), $root(2), $root(3)];
    }
}
