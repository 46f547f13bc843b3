<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/**
 * The power of a two-sided t test of two equal groups, by the noncentral t distribution, integrated over the scatter
 * that the units happen to show. Checked against R's power.t.test (strict).
 */
final class TPower
{
    public const ALPHA = 0.05;

    private const STEPS = 120;

    private const TURNS = 40;

    /** Of the effect, to which it is found. */
    private const NEAR = 1e-9;

    /**
     * @param  float  $effect  difference of the means in standard deviations of a unit
     * @param  float  $alpha  how often a difference may be shown where there is none
     */
    public static function of(int $units, float $effect, float $alpha = self::ALPHA): float
    {
        $df = 2.0 * ($units - 1);
        $limit = StudentT::withDegreesOfFreedom($df)->quantile(1 - $alpha / 2);
        $shift = $effect * sqrt($units / 2);

        return self::beyond($limit, $df, $shift) + self::beyond($limit, $df, -$shift);
    }

    /**
     * The smallest difference that is shown with that power, in standard deviations of a unit.
     *
     * @return ?float null with fewer than two units an arm, which show nothing
     */
    public static function smallest(int $units, float $power = 0.8, float $alpha = self::ALPHA): ?float
    {
        if ($units < 2) {
            return null;
        }
        // The power rises with the effect: by secants.
        $begin = (StudentT::withDegreesOfFreedom(2.0 * ($units - 1))->quantile(1 - $alpha / 2) + 1) * sqrt(2 / $units);
        [$was, $effect] = [$begin, 1.2 * $begin];
        [$before, $now] = [self::of($units, $was, $alpha) - $power, self::of($units, $effect, $alpha) - $power];
        for ($turn = 0; $turn < self::TURNS && abs($effect - $was) > self::NEAR * $effect; $turn++) {
            $slope = ($now - $before) / ($effect - $was);
            [$was, $before] = [$effect, $now];
            $effect = max($was / 2, min(2 * $was, $was - $now / max(1e-9, $slope)));
            $now = self::of($units, $effect, $alpha) - $power;
        }

        return $effect;
    }

    /** P(T > limit) for a noncentral t: over the root s of a chi square per degree, Φ(shift - limit s). */
    private static function beyond(float $limit, float $df, float $shift): float
    {
        [$sum, $weight] = [0.0, 0.0];
        $spread = 8 / sqrt(2 * $df);
        [$from, $to] = [max(1e-9, 1 - $spread), 1 + $spread];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $s = $from + ($to - $from) * $step / self::STEPS;
            $simpson = $step === 0 || $step === self::STEPS ? 1.0 : ($step % 2 === 1 ? 4.0 : 2.0);
            // Density of s, without its constant, which falls out.
            $density = $simpson * exp(($df - 1) * log($s) - $df * ($s * $s - 1) / 2);
            $sum += $density * Normal::below($shift - $limit * $s);
            $weight += $density;
        }

        return $sum / $weight;
    }
}
