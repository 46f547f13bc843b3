<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Journal\Reading\Parameter;
use Ithys\Trial\PlannedPower;
use Ithys\Trial\Sheet;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;
use Random\Randomizer;

/** Plans and made-up sheets of trials in jars. */
final class Trials
{
    public static function plan(array $with = []): TrialPlan
    {
        return TrialPlan::stored([
            'format' => TrialPlan::FORMAT, 'schema' => TrialPlan::SCHEMA, 'question' => 'Do the stones lower nitrate?',
            'reads' => [['parameter' => 'no3', 'kit' => 'drops', 'step' => 0.5, 'scatter' => 1.5]],
            'arms' => ['gravel', 'stones'], 'control' => 'as much porous gravel', 'feed' => 'pellets, unblended',
            'stop' => '', 'units' => 4, 'litres' => 5.0, 'nitrogenMgPerDay' => 0.5, 'cyclingWeeks' => 4, 'weeks' => 12,
            'every' => 7, 'isBlind' => false, ...$with,
        ]);
    }

    /** @param  array<string, array<int, string>>  $cells  of nitrate, by unit and day */
    public static function sheet(array $cells): Sheet
    {
        return new Sheet(['no3' => array_map(fn (array $days): array => array_map(
            fn (string $text): TrialReading => TrialReading::typed($text, Parameter::Nitrate),
            $days,
        ), $cells)]);
    }

    public static function smallest(TrialPlan $plan): ?float
    {
        return (new PlannedPower($plan, $plan->reads[0]))->smallest();
    }

    /**
     * Readings of a made-up trial: each unit has a level of its own, and each reading its error.
     *
     * @param  callable(int, int): float  $effect  what an arm does on a day
     */
    public static function simulated(
        TrialPlan $plan,
        array $placed,
        callable $effect,
        Randomizer $random,
        array $with = [],
    ): Sheet {
        $even = fn (): float => $random->getInt(0, 10_000) / 10_000;
        $normal = fn (): float => array_sum(array_map($even, range(1, 12))) - 6;
        $sheet = [];
        foreach ($plan->reads as $read) {
            foreach ($placed as $unit => $arm) {
                $own = 20 + $read->scatter->units * $normal();
                foreach ($plan->setup->days() as $day) {
                    $level = max(0.0, $own + $effect($arm, $day) + 0.4 * $normal());
                    $sheet[$read->parameter->value][$unit][$day] = TrialReading::typed(
                        $with[$unit][$day] ?? (string) (round($level / 0.5) * 0.5),
                        $read->parameter,
                    );
                }
            }
        }

        return new Sheet($sheet);
    }
}
