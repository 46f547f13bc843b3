<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Effect\KitStretch;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Series;
use Ithys\Statistics\StudentT;

/** The smallest change of what comes in that a trial in a tank shows, from how the tank has wandered on its own. */
final class TankPower
{
    /** Days of readings that it is learned from. */
    public const DAYS = 84;

    private const POWER = 0.8;

    /** Shares of the water changed from the last weeks go on, every seven days. */
    private const WEEK = 7.0;

    /**
     * @param  non-empty-list<array{KitStretch, RelaxedStick}>  $tanks  readings and their model, of each tank
     * @return ?float mg/L a day that four of five such trials show; null where none can be told
     */
    public static function smallest(TankPlan $plan, Lot $lot, array $tanks): ?float
    {
        $errors = array_map(static fn (array $tank): array => $tank[1]->planned(
            self::series($plan, $lot, $tank[0]),
            $lot->course(),
        ), $tanks);
        if (in_array([], $errors, true)) {
            return null;
        }
        $added = 0.0;
        foreach (array_slice($errors, 1) as $other) {
            $weights = array_sum(array_column($other, 'weight'));
            $added += array_sum(array_map(
                static fn (array $one): float => $one['weight'] * $one['error'] ** 2,
                $other,
            )) / $weights;
        }

        return self::least(array_map(static fn (array $one): array => [
            ...$one,
            'error' => hypot($one['error'], sqrt($added)),
        ], $errors[0]), $plan->form === Form::Before ? 0.95 : SwitchBack::SURE);
    }

    /** @param  list<array{weight: float, error: float, freedom: int}>  $models */
    private static function least(array $models, float $sure): float
    {
        $quantile = 1 - (1 - $sure) / 2;
        $limits = array_map(
            static fn (array $one): float => StudentT::withDegreesOfFreedom($one['freedom'])->quantile($quantile),
            $models,
        );
        $power = static function (float $effect) use ($models, $limits): float {
            $sum = $weights = 0.0;
            foreach ($models as $n => $one) {
                $sum += $one['weight'] * StudentT::withDegreesOfFreedom($one['freedom'])
                    ->probability($effect / $one['error'] - $limits[$n]);
                $weights += $one['weight'];
            }

            return $sum / $weights;
        };
        [$low, $high] = [0.0, max([1e-9, ...array_column($models, 'error')])];
        while ($power($high) < self::POWER) {
            $high *= 2;
        }
        for ($turn = 0; $turn < 30; $turn++) {
            $middle = ($low + $high) / 2;
            $power($middle) < self::POWER ? $low = $middle : $high = $middle;
        }

        return $high;
    }

    /** The readings and water changes to come. */
    private static function series(TankPlan $plan, Lot $lot, KitStretch $was): Series
    {
        $from = $lot->order === [] ? $lot->changeDay() - $plan->schedule->phaseDays : 0;
        $days = [];
        // A reading comes before the switch of its day.
        for ($day = (float) $from; $day <= $lot->lastDay(); $day += $plan->schedule->every) {
            if ($lot->order === [] || ! $lot->isWashout($day)) {
                $days[] = $day;
            }
        }
        $n = count($days);
        $last = $was->observations[count($was->observations) - 1]->day;
        $shares = array_sum(array_map(
            static fn (Dilution $one): float => $one->day > $last - 4 * self::WEEK ? $one->share : 0.0,
            $was->dilutions,
        )) / 4;
        $water = [];
        for ($day = $from + self::WEEK / 2; $day <= $lot->lastDay(); $day += self::WEEK) {
            $water[] = new Dilution($day, min(0.9, $shares));
        }

        return new Series(
            $days,
            array_fill(0, $n, 0.0),
            array_fill(0, $n, 1.0),
            array_fill(0, $n, 0.0),
            $shares > 0.0 ? $water : [],
        );
    }
}
