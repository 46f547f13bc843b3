<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\UnitSystem;
use Ithys\Trial\Judgement;
use Ithys\Trial\Placement;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;
use Random\Engine\Mt19937;
use Random\Randomizer;

function trialPlan(array $with = []): TrialPlan
{
    return TrialPlan::stored([
        'format' => TrialPlan::FORMAT, 'schema' => TrialPlan::SCHEMA, 'question' => 'Do the stones lower nitrate?',
        'parameter' => 'no3', 'arms' => ['gravel', 'stones'], 'control' => 'as much porous gravel', 'units' => 4,
        'litres' => 5.0, 'nitrogenMgPerDay' => 0.5, 'cyclingWeeks' => 4, 'weeks' => 12, 'every' => 7, 'step' => 0.5,
        'scatter' => 1.5, 'isBlind' => false, ...$with,
    ]);
}

/**
 * Readings of a made-up trial: each unit has a level of its own, and each reading its error.
 *
 * @param  callable(int, int): float  $effect  what an arm does on a day
 * @return array<string, array<int, TrialReading>>
 */
function trialSheet(TrialPlan $plan, array $placed, callable $effect, Randomizer $random): array
{
    $even = fn (): float => $random->getInt(0, 10_000) / 10_000;
    $normal = fn (): float => array_sum(array_map($even, range(1, 12))) - 6;
    $sheet = [];
    foreach ($placed as $unit => $arm) {
        $own = 20 + $plan->setup->scatter->units * $normal();
        foreach ($plan->setup->days() as $day) {
            $level = max(0.0, $own + $effect($arm, $day) + 0.4 * $normal());
            $sheet[$unit][$day] = TrialReading::typed((string) (round($level / 0.5) * 0.5), $plan->parameter);
        }
    }

    return $sheet;
}

it('reads a plan back as it was, and says at its place what is wrong with one', function (): void {
    expect(TrialPlan::stored(trialPlan()->toArray())->toArray())->toBe(trialPlan()->toArray());
    foreach ([
        'question' => ['question' => ''],
        'control' => ['control' => ' '],
        'arms' => ['arms' => ['gravel']],
        'units' => ['units' => 0],
        'step' => ['step' => 0.0],
        'parameter' => ['parameter' => 'gold'],
    ] as $place => $with) {
        try {
            trialPlan($with);
            $this->fail("{$place} was taken.");
        } catch (Refused $refused) {
            expect($refused->problems)->toHaveKey($place);
        }
    }
    expect(fn () => trialPlan(['arms' => ['Stones', 'stones']]))->toThrow(Refused::class)
        ->and(fn () => TrialPlan::typed(['units' => 'many'], UnitSystem::Metric))->toThrow(Refused::class);
});

it('places every arm as often as planned, by lot, the same for the same seed', function (): void {
    $plan = trialPlan(['arms' => ['gravel', 'stones', 'rubble']]);
    $counts = [];
    foreach (range(1, 300) as $seed) {
        $placed = Placement::of($plan, $seed);
        expect(array_count_values($placed))->toEqual([0 => 4, 1 => 4, 2 => 4]);
        $counts[$placed['U1']] = ($counts[$placed['U1']] ?? 0) + 1;
    }
    expect(Placement::of($plan, 5))->toBe(Placement::of($plan, 5))->and(min($counts))->toBeGreaterThan(70);
});

it('says before the start what the plan can show, and what more would buy', function (): void {
    $options = array_column(trialPlan()->options(), 'smallest', 'what');
    // R: power.t.test(n = 4, power = .8, sd = 1)$delta is 2.3807542; units scatter by 1.5 and a step of 0.5 rounds.
    expect($options['As planned'])->toEqualWithDelta(2.3807542 * sqrt(1.5 ** 2 + 0.25 / 12), 1e-3)
        ->and($options['Two more units an arm'])->toBeLessThan($options['One more unit an arm'])
        ->and($options['One more unit an arm'])->toBeLessThan($options['As planned'])
        ->and($options['A kit with a fifth of the step'])->toBeLessThan($options['As planned'])
        ->and(trialPlan(['units' => 1])->smallest())->toBeNull()->and(trialPlan(['units' => 1])->mayTell())->toBeFalse()
        // More pairs want more.
        ->and(trialPlan(['arms' => ['a', 'b', 'c']])->smallest())->toBeGreaterThan($options['As planned']);
});

it('reaches the power that it promises, by simulation', function (): void {
    $random = new Randomizer(new Mt19937(3));
    $plan = trialPlan();
    $shown = 0;
    for ($n = 0; $n < 250; $n++) {
        $placed = Placement::of($plan, $n);
        $effect = -(float) $plan->smallest();
        $sheet = trialSheet($plan, $placed, fn (int $arm): float => $arm === 1 ? $effect : 0.0, $random);
        $shown += Judgement::of($plan, $placed, $sheet, 84)->end[0]->isClear ? 1 : 0;
    }
    // The reading error of 0.4 is not part of the plan: a little less than four of five.
    expect($shown / 250)->toBeGreaterThan(0.7)->toBeLessThan(0.88);
});

it('shows no difference where there is none, in 95 of 100 trials', function (array $arms): void {
    $random = new Randomizer(new Mt19937(11));
    $plan = trialPlan(['arms' => $arms, 'units' => 3]);
    $false = 0;
    for ($n = 0; $n < 300; $n++) {
        $placed = Placement::of($plan, $n);
        $sheet = trialSheet($plan, $placed, fn (): float => 0.0, $random);
        $judged = Judgement::of($plan, $placed, $sheet, 84);
        $false += array_filter($judged->end, fn ($one): bool => $one->isClear) === [] ? 0 : 1;
    }
    expect($false / 300)->toBeLessThanOrEqual(0.05);
})->with([[['gravel', 'stones']], [['gravel', 'stones', 'rubble']]]);

it('is not fooled by a lead of two months that is gone at the end, and says that there was one', function (): void {
    $random = new Randomizer(new Mt19937(17));
    $plan = trialPlan(['weeks' => 20]);
    [$none, $said] = [0, 0];
    for ($n = 0; $n < 150; $n++) {
        $placed = Placement::of($plan, $n);
        // Lower by 8 ppm for two months, then as the control within a month.
        $lead = fn (int $arm, int $day): float => $arm === 1 ? -8.0 * max(0.0, min(1.0, (91 - $day) / 30)) : 0.0;
        $judged = Judgement::of($plan, $placed, trialSheet($plan, $placed, $lead, $random), 140);
        $none += $judged->end[0]->isClear ? 0 : 1;
        $said += ! $judged->end[0]->isClear && str_contains(said($judged->says($plan)), 'but not at the end') ? 1 : 0;
    }
    expect($none / 150)->toBeGreaterThanOrEqual(0.95)->and($said / max(1, $none))->toBeGreaterThanOrEqual(0.95);
});

it('refuses a verdict before its day, with one unit an arm, and where too few were read to the end', function (): void {
    $plan = trialPlan();
    $placed = Placement::of($plan, 1);
    $sheet = trialSheet($plan, $placed, fn (): float => 0.0, new Randomizer(new Mt19937(1)));
    expect(said(Judgement::of($plan, $placed, $sheet, 50)->says($plan)))->toContain('It is judged after day 84')
        ->and(Judgement::of($plan, $placed, $sheet, 84)->withheld)->toBeNull();
    $single = trialPlan(['units' => 1]);
    expect(said(Judgement::of($single, Placement::of($single, 1), [], 84)->says($single)))->toContain('one unit');
    $unread = $sheet;
    unset($unread['U1'][84]);
    expect(said(Judgement::of($plan, $placed, $unread, 84)->says($plan)))->toContain('Read day 84 first');
    $dead = $sheet;
    foreach (array_slice(array_keys($placed, 1, true), 0, 3) as $unit) {
        foreach ([70, 77, 84] as $day) {
            $dead[$unit][$day] = TrialReading::typed('missing: it leaked', Parameter::Nitrate);
        }
    }
    $judged = Judgement::of($plan, $placed, $dead, 84);
    expect(said($judged->says($plan)))->toContain('fewer than two units')->and($judged->left)->toHaveCount(3)
        ->and($judged->left[0])->toContain('it leaked');
});

it('judges unequal arms, all zero, and readings below the limit without a fault', function (): void {
    $plan = trialPlan(['units' => 3]);
    $placed = Placement::of($plan, 2);
    $zero = array_map(fn (): array => [84 => TrialReading::typed('0', Parameter::Nitrate)], $placed);
    $below = array_map(fn (): array => [84 => TrialReading::typed('<0.5', Parameter::Nitrate)], $placed);
    foreach ([$zero, $below] as $sheet) {
        expect(said(Judgement::of($plan, $placed, $sheet, 84)->says($plan)))->toContain('no clear effect');
    }
    $random = new Randomizer(new Mt19937(4));
    $sheet = trialSheet($plan, $placed, fn (int $arm): float => $arm === 1 ? -15.0 : 0.0, $random);
    $sheet[array_keys($placed, 1, true)[0]] = [84 => TrialReading::typed('missing: it broke', Parameter::Nitrate)];
    expect(said(Judgement::of($plan, $placed, $sheet, 84)->says($plan)))->toBe('Stones ends lower than gravel.');
});

it('reads a cell of the sheet, and refuses what is none', function (string $text, ?string $back): void {
    if ($back === null) {
        expect(fn () => TrialReading::typed($text, Parameter::Nitrate))->toThrow(InvalidEntry::class);
    } else {
        expect(TrialReading::typed($text, Parameter::Nitrate)->text())->toBe($back);
    }
})->with([
    ['8.5', '8.5'], ['8,5 cloudy', '8.5 cloudy'], ['<0.5', '<0.5'], ['missing: kit ran out', 'missing: kit ran out'],
    ['died', 'missing: died'], ['', null], ['green', null], ['-3', null], ['9000', null], ['8 9', null],
    ['missing: '.str_repeat('x', 61), null],
]);

it('draws beside a unit the nitrate that its food should have made', function (): void {
    // 0.5 mg of nitrogen a day for 10 days in 5 L is 1 mg/L, times 4.42664 (IUPAC 2013).
    expect(trialPlan()->fed(10))->toEqualWithDelta(4.42664, 1e-9)
        ->and(trialPlan(['parameter' => 'po4'])->fed(10))->toBeNull();
});
