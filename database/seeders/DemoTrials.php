<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Trial\TrialPlan;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Two trials of the demo, made up: one led for two months and ended equal, one runs. */
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
    ];

    public static function lay(System $system, User $keeper, DateTimeImmutable $today): void
    {
        // The rings lead for two months, then the gravel catches up.
        $rings = static fn (int $arm, int $day): float => $arm === 1
            ? -9.0 * max(0.0, min(1.0, (90 - $day) / 35))
            : 0.0;
        $slow = static fn (int $arm, int $day): float => [0.0, -0.05, 0.02][$arm] * $day;
        $began = $today->modify('-150 days');
        self::run($system, $keeper, self::ENDED, 20261, $began, $began->modify('+112 days'), $rings);
        self::run($system, $keeper, self::RUNNING, 20262, $today->modify('-39 days'), null, $slow);
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
            'parameter' => 'no3',
            'step' => 0.5,
            'scatter' => 2.0,
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
                    'unit' => $unit,
                    'day' => $day,
                    'cell' => $unit === 'U3' && $day === 28
                        ? 'missing: the vial broke'
                        : (string) (round(max(0.0, $level) / 0.5) * 0.5),
                    'user_id' => $keeper->id,
                ]);
            }
        }
    }
}
