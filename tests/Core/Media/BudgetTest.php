<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\Budget;
use Ithys\Dosing\DoseMethods;
use Ithys\Dosing\Reach;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

const OF_GFO = [12.0, 6.0, 2.0, 0.3];

/** The middle level at the end with the first portion, by plain small steps of Euler: another way than the core's. */
function middleByEuler(array $figures, float $contact, float $flow, float $level, float $grams, float $days): float
{
    $ends = [];
    [$most, $affinity, $film, $pores] = $figures;
    foreach ([-1.28, -0.52, 0.0, 0.52, 1.28] as $more) {
        foreach ([-1.28, -0.52, 0.0, 0.52, 1.28] as $faster) {
            foreach ([[0.03, 0.03], [0.06, 0.06], [0.12, 0.12], [0.3, 0.25]] as [$back, $rock]) {
                [$water, $stone, $held, $step] = [$level, $level, 0.0, 1 / 24];
                for ($n = 0; $n < $days / $step; $n++) {
                    $reaches = $contact * $flow * -expm1(-$film * $grams / $flow) * exp(0.35 * $faster) * $water;
                    $fills = $pores * ($most * $grams * exp(0.4 * $more) * $affinity * $water
                        / (1 + $affinity * $water) - $held);
                    $takes = $reaches * $fills / sqrt($reaches ** 2 + $fills ** 2);
                    [$water, $stone, $held] = [
                        $water + $step * ($back * ($level - $water) + $rock * ($stone - $water) - $takes / 300),
                        $stone + $step * 0.02 * ($water - $stone),
                        $held + $step * $takes,
                    ];
                }
                $ends[] = $water;
            }
        }
    }
    sort($ends);

    return $ends[49];
}

it('foresees of a first portion what plain small steps find', function (
    array $figures,
    float $contact,
    float $flow,
    float $level,
    float $wanted,
    float $days,
    float $grams,
): void {
    $budget = Budget::of($figures, $contact, $flow, 300.0, $level, $wanted, $days);
    // The amounts are of a program of our own in Python, 24 steps a day.
    expect($budget->grams)->toEqualWithDelta($grams, 0.03 * $grams)
        ->and($budget->end[0])
        ->toEqualWithDelta(middleByEuler($figures, $contact, $flow, $level, $budget->firstGrams, $days), 0.002)
        ->and($budget->end[1])->toBeLessThan($budget->end[0])
        ->and($budget->end[2])->toBeGreaterThan($budget->end[0]);
})->with([
    'GFO in a reactor for two months' => [OF_GFO, 1.0, 4800.0, 0.12, 0.05, 60.0, 16.35],
    'alumina in a bag for four months' => [[8.0, 6.0, 1.0, 0.2], 0.4, 43_200.0, 0.12, 0.06, 120.0, 58.37],
    'GFO at a high level' => [OF_GFO, 1.0, 4800.0, 0.6, 0.05, 28.0, 20.58],
    'a little lower in two weeks' => [OF_GFO, 1.0, 4800.0, 0.12, 0.1, 14.0, 6.0],
]);

it('gives a first portion with weekly steps, and none without a reading or a need', function (): void {
    $methods = new DoseMethods(Assumptions::standard());
    $reach = new Reach(1.0, 4800.0, 300.0);
    $says = fn (?float $level, float $wanted): string => (new Words(UnitSystem::Metric))
        ->say($methods->byBudget(Medium::Gfo, $reach, $level, $wanted, 60.0)->assumes);
    expect($methods->byBudget(Medium::Gfo, $reach, 0.12, 0.05, 60.0)->grams)->toEqualWithDelta(9.9, 0.3)
        ->and((new Words(UnitSystem::Metric))->say(
            $methods->byBudget(Medium::Gfo, $reach, 0.12, 0.05, 60.0)->steps[1],
        ))->toContain('Above 0.058 ppm', 'add 4.1 g')
        ->and($says(0.12, 0.05))->toContain('first portion', 'alone it takes')
        ->and($methods->byBudget(Medium::Gfo, $reach, null, 0.05, 60.0)->grams)->toBeNull()
        ->and($says(null, 0.05))->toContain('Log a phosphate reading')
        ->and($methods->byBudget(Medium::Gfo, $reach, 0.04, 0.05, 60.0)->grams)->toBe(0.0)
        ->and($says(0.04, 0.05))->toContain('None is needed')
        ->and($methods->byBudget(Medium::Zeolite, $reach, 0.12, 0.05, 60.0)->grams)->toBeNull()
        ->and($methods->byBudget(Medium::Unlisted, $reach, 0.12, 0.05, 60.0)->grams)->toBeNull();
});
