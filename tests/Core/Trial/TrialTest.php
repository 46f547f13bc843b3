<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Trial\Judgement;
use Ithys\Trial\Lessons;
use Ithys\Trial\Placement;
use Ithys\Trial\PlannedPower;
use Ithys\Trial\Sheet;
use Ithys\Trial\TrialPlan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Trials;

it('reads a plan back as it was, and says at its place what is wrong with one', function (): void {
    expect(TrialPlan::stored(Trials::plan()->toArray())->toArray())->toBe(Trials::plan()->toArray());
    foreach ([
        'question' => ['question' => ''],
        'control' => ['control' => ' '],
        'arms' => ['arms' => ['gravel']],
        'units' => ['units' => 0],
        'feed' => ['feed' => ''],
        'reads.0.step' => ['reads' => [['parameter' => 'no3', 'step' => 0.0, 'scatter' => 1.0]]],
        'reads.0.parameter' => ['reads' => [['parameter' => 'temp', 'step' => 1.0, 'scatter' => 1.0]]],
        'reads' => ['reads' => []],
    ] as $place => $with) {
        try {
            Trials::plan($with);
            $this->fail("{$place} was taken.");
        } catch (Refused $refused) {
            expect($refused->problems)->toHaveKey($place);
        }
    }
    expect(fn () => Trials::plan(['arms' => ['Stones', 'stones']]))->toThrow(Refused::class)
        ->and(fn () => TrialPlan::typed(['units' => 'many'], UnitSystem::Metric))->toThrow(Refused::class);
});

it('places every arm as often as planned, by lot, the same for the same seed', function (): void {
    $plan = Trials::plan(['arms' => ['gravel', 'stones', 'rubble']]);
    $counts = [];
    foreach (range(1, 300) as $seed) {
        $placed = Placement::of($plan, $seed);
        expect(array_count_values($placed))->toEqual([0 => 4, 1 => 4, 2 => 4]);
        $counts[$placed['U1']] = ($counts[$placed['U1']] ?? 0) + 1;
    }
    expect(Placement::of($plan, 5))->toBe(Placement::of($plan, 5))->and(min($counts))->toBeGreaterThan(70);
});

it('says before the start what the plan can show, and what more would buy', function (): void {
    $power = fn (TrialPlan $plan): array => (new PlannedPower($plan, $plan->reads[0]))->options();
    $options = array_column($power(Trials::plan()), 'smallest', 'what');
    // R: power.t.test(n = 4, power = .8, sd = 1)$delta is 2.3807542; units scatter by 1.5 and a step of 0.5 rounds.
    expect($options['As planned'])->toEqualWithDelta(2.3807542 * sqrt(1.5 ** 2 + 0.25 / 12), 1e-3)
        ->and($options['Two more units per arm'])->toBeLessThan($options['One more unit per arm'])
        ->and($options['One more unit per arm'])->toBeLessThan($options['As planned'])
        ->and($options['A kit with a fifth of the step'])->toBeLessThan($options['As planned'])
        ->and(Trials::smallest(Trials::plan(['units' => 1])))->toBeNull()
        ->and(Trials::plan(['units' => 1])->mayTell())->toBeFalse()
        // More pairs want more.
        ->and(Trials::smallest(Trials::plan(['arms' => ['a', 'b', 'c']])))->toBeGreaterThan($options['As planned']);
});

it('reaches the power that it promises, by simulation', function (): void {
    $random = new Randomizer(new Mt19937(3));
    $plan = Trials::plan();
    $shown = 0;
    for ($n = 0; $n < 250; $n++) {
        $placed = Placement::of($plan, $n);
        $effect = -(float) Trials::smallest($plan);
        $shift = fn (int $arm): float => $arm === 1 ? $effect : 0.0;
        $sheet = Trials::simulated($plan, $placed, $shift, $random);
        $shown += Judgement::of($plan, $placed, $sheet, 84)->outcomes[0]->end[0]->isClear ? 1 : 0;
    }
    // The reading error of 0.4 is not part of the plan: a little less than four of five.
    expect($shown / 250)->toBeGreaterThan(0.7)->toBeLessThan(0.88);
});

it('shows no difference where there is none, in 95 of 100 trials', function (array $arms): void {
    $random = new Randomizer(new Mt19937(11));
    $plan = Trials::plan(['arms' => $arms, 'units' => 3]);
    $false = 0;
    for ($n = 0; $n < 300; $n++) {
        $placed = Placement::of($plan, $n);
        $sheet = Trials::simulated($plan, $placed, fn (): float => 0.0, $random);
        $judged = Judgement::of($plan, $placed, $sheet, 84);
        // That one led where none did would be as false.
        $told = array_filter($judged->outcomes[0]->end, fn ($one): bool => $one->isClear || $one->led !== null);
        $false += $told === [] ? 0 : 1;
    }
    expect($false / 300)->toBeLessThanOrEqual(0.05);
})->with([[['gravel', 'stones']], [['gravel', 'stones', 'rubble']]]);

// Units of other kinds than a normal one: told by the words that a keeper reads.
it('says that an arm differs in at most 5 of 100 trials of units that are not normal', function (string $kind): void {
    $random = new Randomizer(new Mt19937(31));
    $even = fn (): float => $random->getInt(0, 1_000_000) / 1_000_000;
    $normal = fn (): float => array_sum(array_map($even, range(1, 12))) - 6;
    $plan = Trials::plan(['units' => 3]);
    $false = 0;
    for ($n = 0; $n < 300; $n++) {
        $placed = Placement::of($plan, $n);
        $cells = [];
        foreach ($placed as $unit => $arm) {
            $level = 20.0 + match ($kind) {
                'skewed' => 3 * (exp(0.8 * $normal()) - exp(0.32)),
                // The control is steady, the other arm is not.
                'one arm scatters four times as much' => ($arm === 1 ? 4.0 : 1.0) * $normal(),
                'one unit in ten is far off' => $normal() + ($even() < 0.1 ? 12.0 : 0.0),
                default => $normal(),
            };
            foreach ($plan->setup->days() as $day) {
                $level += $kind === 'units that walk' ? 0.8 * $normal() : 0.0;
                $read = max(0.0, $level + 0.4 * $normal());
                $cells[$unit][$day] = (string) (round($read / 0.5) * 0.5);
            }
        }
        $says = said(Judgement::of($plan, $placed, Trials::sheet($cells), 84)->says());
        $false += str_contains($says, 'ends lower') || str_contains($says, 'ends higher') ? 1 : 0;
    }
    expect($false / 300)->toBeLessThanOrEqual(0.05);
})->with(['skewed', 'one arm scatters four times as much', 'one unit in ten is far off', 'units that walk']);

it('is not fooled by a lead of two months that is gone at the end, and says that there was one', function (): void {
    $random = new Randomizer(new Mt19937(17));
    $plan = Trials::plan(['weeks' => 20]);
    [$none, $said] = [0, 0];
    for ($n = 0; $n < 150; $n++) {
        $placed = Placement::of($plan, $n);
        // Lower by 8 ppm for two months, then as the control within a month.
        $lead = fn (int $arm, int $day): float => $arm === 1 ? -8.0 * max(0.0, min(1.0, (91 - $day) / 30)) : 0.0;
        $judged = Judgement::of($plan, $placed, Trials::simulated($plan, $placed, $lead, $random), 140);
        $none += $judged->outcomes[0]->end[0]->isClear ? 0 : 1;
        $said += ! $judged->outcomes[0]->end[0]->isClear
            && str_contains(said($judged->says()), 'but not at the end') ? 1 : 0;
    }
    expect($none / 150)->toBeGreaterThanOrEqual(0.95)->and($said / max(1, $none))->toBeGreaterThanOrEqual(0.95);
});

it('refuses a verdict before its day, with one unit an arm, and where too few were read to the end', function (): void {
    $plan = Trials::plan();
    $placed = Placement::of($plan, 1);
    $sheet = fn (array $with = []): Sheet => Trials::simulated(
        $plan,
        $placed,
        fn (): float => 0.0,
        new Randomizer(new Mt19937(1)),
        $with,
    );
    $judged = fn (Sheet $sheet, int $day, bool $ended = false): Judgement => Judgement::of(
        $plan,
        $placed,
        $sheet,
        $day,
        $ended,
    );
    expect(said($judged($sheet(), 50)->says()))->toContain('It is judged after day 84')
        ->and($judged($sheet(), 84)->withheld)->toBeNull()
        ->and(said($judged($sheet(), 50, true)->says()))->toContain('It ended on day 50, before its last day 84');
    $single = Trials::plan(['units' => 1]);
    expect(said(Judgement::of($single, Placement::of($single, 1), new Sheet([]), 84)->says()))->toContain('one unit');
    $cells = ['U1' => [77 => '8']];
    expect(said($judged(Trials::sheet($cells), 84)->says()))->toContain('Read day 84 first: U1 needs nitrate');
    $dead = array_fill_keys(
        array_slice(array_keys($placed, 1, true), 0, 3),
        array_fill_keys([70, 77, 84], 'missing: it leaked'),
    );
    $gone = $judged($sheet($dead), 84);
    expect(said($gone->says()))->toContain('fewer than two units')->and($gone->left)->toHaveCount(3)
        ->and($gone->left[0])->toContain('it leaked');
});

it('judges unequal arms, all zero, and readings below the limit without a fault', function (): void {
    $plan = Trials::plan(['units' => 3]);
    $placed = Placement::of($plan, 2);
    foreach (['0', '<0.5'] as $text) {
        $sheet = Trials::sheet(array_map(fn (): array => [84 => $text], $placed));
        expect(said(Judgement::of($plan, $placed, $sheet, 84)->says()))
            ->toBe('Nitrate: not clear. Every unit ends lower than the kit reads.');
    }
    $random = new Randomizer(new Mt19937(4));
    $sheet = Trials::simulated($plan, $placed, fn (int $arm): float => $arm === 1 ? -15.0 : 0.0, $random, [
        array_keys($placed, 1, true)[0] => array_fill_keys($plan->setup->days(), 'missing: it broke'),
    ]);
    expect(said(Judgement::of($plan, $placed, $sheet, 84)->says()))->toBe('Nitrate: Stones ends lower than gravel.');
});

it('takes units that read alike for no wonder, and no difference for finer than a step', function (): void {
    $plan = Trials::plan();
    $placed = Placement::of($plan, 3);
    $apart = fn (string $one, string $other): Judgement => Judgement::of($plan, $placed, Trials::sheet(array_map(
        fn (int $arm): array => [84 => $arm === 1 ? $one : $other],
        $placed,
    )), 84);
    // Neither arm scatters: a clear difference is still one, and a single step of the kit is none.
    expect(said($apart('5', '12')->says()))->toBe('Nitrate: Stones ends lower than gravel.')
        ->and(said($apart('8', '8.5')->says()))->toContain('no clear effect')
        ->and($apart('5', '12')->outcomes[0]->end[0]->interval)->not->toBeNull();
});

it('judges several parameters as one family, so that the whole trial errs once in twenty', function (): void {
    $random = new Randomizer(new Mt19937(23));
    $read = fn (string $key): array => ['parameter' => $key, 'kit' => '', 'step' => 0.5, 'scatter' => 1.5];
    $plan = Trials::plan(['units' => 3, 'reads' => [$read('no3'), $read('nh4'), $read('no2')]]);
    expect($plan->comparisons())->toBe(3)
        ->and(Trials::smallest($plan))->toBeGreaterThan(Trials::smallest(Trials::plan(['units' => 3])));
    $false = 0;
    for ($n = 0; $n < 200; $n++) {
        $placed = Placement::of($plan, $n);
        $judged = Judgement::of($plan, $placed, Trials::simulated($plan, $placed, fn (): float => 0.0, $random), 84);
        $clear = array_filter($judged->outcomes, fn ($one): bool => $one->end[0]->isClear);
        $false += $clear === [] ? 0 : 1;
    }
    expect($false / 200)->toBeLessThanOrEqual(0.05)
        ->and(substr_count(said($judged->says()), 'no clear effect'))->toBeGreaterThanOrEqual(2);
});

it('lists what went wrong, so that the next plan can start from it', function (): void {
    $plan = Trials::plan();
    $placed = Placement::of($plan, 5);
    $first = array_keys($placed)[0];
    $sheet = Trials::simulated($plan, $placed, fn (int $arm, int $day): float => 0.0, new Randomizer(new Mt19937(9)), [
        $first => [7 => 'missing: the vial broke', 14 => '12 cloudy', 77 => 'died', 84 => 'died'],
    ]);
    $lessons = new Lessons($plan, $placed, $sheet);
    $said = array_map(said(...), $lessons->all(2, 84));
    expect($said)->toContain('1 reading missing: the vial broke.')->toContain('2 readings missing: died.')
        ->toContain("Not read to the end: {$first}. Plan a spare unit per arm.")
        ->toContain('The plan was changed 2 times on the way.')
        ->and(implode(' ', $said))->toContain('1 reading in cloudy water');
    $wild = Trials::simulated($plan, $placed, fn (int $arm, int $day): float => 0.0, new Randomizer(new Mt19937(9)), [
        $first => [84 => '60'],
    ]);
    // Pooled over the arms: (n - 1) s² of each, over all n - 1.
    $ends = ['a' => [], 'b' => []];
    foreach ($placed as $unit => $arm) {
        $ends[$arm === 0 ? 'a' : 'b'][] = $wild->end($plan, Parameter::Nitrate, $unit);
    }
    $square = fn (array $of): float => array_sum(array_map(
        fn (float $one): float => ($one - array_sum($of) / count($of)) ** 2,
        $of,
    ));
    expect((new Lessons($plan, $placed, $wild))->scatter($plan->reads[0]))
        ->toEqualWithDelta(sqrt(($square($ends['a']) + $square($ends['b'])) / 6), 1e-9)
        ->and(said((new Lessons($plan, $placed, $wild))->all(0, 84)[0]))->toContain('differed by')
        ->and((new Lessons($plan, $placed, new Sheet([])))->all(0, 0))->toBe([])
        ->and(said((new Lessons($plan, $placed, new Sheet([])))->all(0, 7)[0]))
        ->toBe('8 readings not taken, with no reason.');
});
