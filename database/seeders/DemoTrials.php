<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\TrialPlan;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Trials of the demo, made up: one led for two months and ended equal, one runs, one was in the tank itself. */
final class DemoTrials
{
    private const ENDED = [
        'question' => 'Do the sintered rings lower nitrate in jars?',
        'arms' => ['gravel', 'rings'],
        'control' => 'as much porous gravel, by volume',
        'units' => 4,
        'litres' => 6.0,
        'nitrogenMgPerDay' => 0.12,
        'cyclingWeeks' => 6,
        'weeks' => 16,
        'every' => 7,
        'isBlind' => true,
        'feed' => 'pellets, unblended',
        'stop' => 'ammonia over 1 ppm in any jar',
    ];

    private const RUNNING = [
        'question' => 'Does rubble beat ceramic blocks?',
        'arms' => ['ceramic blocks', 'rubble', 'sintered glass'],
        'control' => 'ceramic blocks, as we always had',
        'units' => 3,
        'litres' => 4.0,
        'nitrogenMgPerDay' => 0.1,
        'cyclingWeeks' => 4,
        'weeks' => 10,
        'every' => 7,
        'isBlind' => false,
        'feed' => 'pellets, unblended',
        'stop' => '',
    ];

    private const SWITCHED = [
        'question' => 'Does the second wave pump at night lower nitrate?',
        'form' => 'switched',
        'parameter' => 'no3',
        'change' => 'the second wave pump at night',
        'phaseDays' => 21,
        'periods' => 4,
        'washoutDays' => 3,
        'every' => 4,
    ];

    public static function lay(System $system, User $keeper, DateTimeImmutable $today): void
    {
        // The rings lead for two months, then the gravel catches up.
        $rings = static fn (int $arm, int $day): float => $arm === 1
            ? -9.0 * min(1.0, $day / 21) * max(0.0, min(1.0, (90 - $day) / 35))
            : 0.0;
        $slow = static fn (int $arm, int $day): float => [0.0, -0.05, 0.02][$arm] * $day;
        $began = $today->modify('-150 days');
        self::run($system, $keeper, self::ENDED, 20261, $began, $began->modify('+112 days'), $rings);
        self::run($system, $keeper, self::RUNNING, 20262, $today->modify('-39 days'), null, $slow);
        self::inTheTank($system, $today->modify('-88 days'));
    }

    /** A pump that did nothing, switched on and off in the tank itself. */
    private static function inTheTank(System $system, DateTimeImmutable $start): void
    {
        $plan = TankPlan::stored(['format' => TankPlan::FORMAT, 'schema' => TankPlan::SCHEMA, ...self::SWITCHED]);
        $trial = new Trial([
            'form' => $plan->form->value,
            'plan' => $plan->toArray(),
            'seed' => 20263,
            'started' => $start->format('Y-m-d'),
            'ended' => $start->modify('+85 days')->format('Y-m-d'),
        ]);
        $trial->system_id = $system->id;
        foreach ($trial->lot()->switches() as $switch) {
            $trial->switched = [$switch['planned'] => $switch['day']] + $trial->switched;
        }
        $trial->save();
    }

    /**
     * @param  array<string, mixed>  $plan
     * @param  callable(int, int): float  $effect  what an arm does on a day, ppm
     */
    private static function run(
        System $system,
        User $keeper,
        array $plan,
        int $seed,
        DateTimeImmutable $start,
        ?DateTimeImmutable $end,
        callable $effect,
    ): void {
        $plan = TrialPlan::stored([
            'format' => TrialPlan::FORMAT,
            'schema' => TrialPlan::SCHEMA,
            'reads' => [['parameter' => 'no3', 'kit' => 'drop kit', 'step' => 0.5, 'scatter' => 2.0]],
            ...$plan,
        ]);
        $trial = new Trial([
            'plan' => $plan->toArray(),
            'seed' => $seed,
            'started' => $start->format('Y-m-d'),
            'ended' => $end?->format('Y-m-d'),
            'amendments' => [],
        ]);
        $trial->system_id = $system->id;
        $trial->save();
        $random = new Randomizer(new Mt19937($seed));
        $noise = static fn (float $by): float => $by * ($random->getInt(-1000, 1000) / 1000);
        $days = $end === null ? 35 : $plan->setup->lastDay();
        foreach ($trial->placed() as $unit => $arm) {
            $own = 14 + $noise(2.2);
            foreach (array_filter($plan->setup->days(), static fn (int $day): bool => $day <= $days) as $day) {
                $level = $own + 8 * (1 - exp(-$day / 50)) + $effect($arm, $day) + $noise(0.8);
                $trial->cells()->create([
                    'parameter' => 'no3',
                    'unit' => $unit,
                    'day' => $day,
                    'cell' => match (true) {
                        $unit === 'U3' && $day === 28 => 'missing: the vial broke',
                        default => round(max(0.0, $level) / 0.5) * 0.5
                            .($unit === 'U5' && $day === 21 ? ' cloudy' : ''),
                    },
                    'user_id' => $keeper->id,
                ]);
            }
        }
    }
}
