<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Document\Refused;
use Ithys\Drawing\TrialSvg;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Parameters;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Trial\CellDoor;
use Ithys\Trial\Judgement;
use Ithys\Trial\Lessons;
use Ithys\Trial\Placement;
use Ithys\Trial\PlannedPower;
use Ithys\Trial\Sheet;
use Ithys\Trial\SheetTable;
use Ithys\Trial\TrialFile;
use Ithys\Trial\TrialLine;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;
use Random\Engine\Mt19937;
use Random\Randomizer;

function trialPlan(array $with = []): TrialPlan
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
function sheetOf(array $cells): Sheet
{
    return new Sheet(['no3' => array_map(fn (array $days): array => array_map(
        fn (string $text): TrialReading => TrialReading::typed($text, Parameter::Nitrate),
        $days,
    ), $cells)]);
}

function smallest(TrialPlan $plan): ?float
{
    return (new PlannedPower($plan, $plan->reads[0]))->smallest();
}

/**
 * Readings of a made-up trial: each unit has a level of its own, and each reading its error.
 *
 * @param  callable(int, int): float  $effect  what an arm does on a day
 */
function trialSheet(TrialPlan $plan, array $placed, callable $effect, Randomizer $random, array $with = []): Sheet
{
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

it('reads a plan back as it was, and says at its place what is wrong with one', function (): void {
    expect(TrialPlan::stored(trialPlan()->toArray())->toArray())->toBe(trialPlan()->toArray());
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
    $power = fn (TrialPlan $plan): array => (new PlannedPower($plan, $plan->reads[0]))->options();
    $options = array_column($power(trialPlan()), 'smallest', 'what');
    // R: power.t.test(n = 4, power = .8, sd = 1)$delta is 2.3807542; units scatter by 1.5 and a step of 0.5 rounds.
    expect($options['As planned'])->toEqualWithDelta(2.3807542 * sqrt(1.5 ** 2 + 0.25 / 12), 1e-3)
        ->and($options['Two more units per arm'])->toBeLessThan($options['One more unit per arm'])
        ->and($options['One more unit per arm'])->toBeLessThan($options['As planned'])
        ->and($options['A kit with a fifth of the step'])->toBeLessThan($options['As planned'])
        ->and(smallest(trialPlan(['units' => 1])))->toBeNull()->and(trialPlan(['units' => 1])->mayTell())->toBeFalse()
        // More pairs want more.
        ->and(smallest(trialPlan(['arms' => ['a', 'b', 'c']])))->toBeGreaterThan($options['As planned']);
});

it('reaches the power that it promises, by simulation', function (): void {
    $random = new Randomizer(new Mt19937(3));
    $plan = trialPlan();
    $shown = 0;
    for ($n = 0; $n < 250; $n++) {
        $placed = Placement::of($plan, $n);
        $effect = -(float) smallest($plan);
        $sheet = trialSheet($plan, $placed, fn (int $arm): float => $arm === 1 ? $effect : 0.0, $random);
        $shown += Judgement::of($plan, $placed, $sheet, 84)->outcomes[0]->end[0]->isClear ? 1 : 0;
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
    $plan = trialPlan(['units' => 3]);
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
        $says = said(Judgement::of($plan, $placed, sheetOf($cells), 84)->says());
        $false += str_contains($says, 'ends lower') || str_contains($says, 'ends higher') ? 1 : 0;
    }
    expect($false / 300)->toBeLessThanOrEqual(0.05);
})->with(['skewed', 'one arm scatters four times as much', 'one unit in ten is far off', 'units that walk']);

it('is not fooled by a lead of two months that is gone at the end, and says that there was one', function (): void {
    $random = new Randomizer(new Mt19937(17));
    $plan = trialPlan(['weeks' => 20]);
    [$none, $said] = [0, 0];
    for ($n = 0; $n < 150; $n++) {
        $placed = Placement::of($plan, $n);
        // Lower by 8 ppm for two months, then as the control within a month.
        $lead = fn (int $arm, int $day): float => $arm === 1 ? -8.0 * max(0.0, min(1.0, (91 - $day) / 30)) : 0.0;
        $judged = Judgement::of($plan, $placed, trialSheet($plan, $placed, $lead, $random), 140);
        $none += $judged->outcomes[0]->end[0]->isClear ? 0 : 1;
        $said += ! $judged->outcomes[0]->end[0]->isClear
            && str_contains(said($judged->says()), 'but not at the end') ? 1 : 0;
    }
    expect($none / 150)->toBeGreaterThanOrEqual(0.95)->and($said / max(1, $none))->toBeGreaterThanOrEqual(0.95);
});

it('refuses a verdict before its day, with one unit an arm, and where too few were read to the end', function (): void {
    $plan = trialPlan();
    $placed = Placement::of($plan, 1);
    $sheet = fn (array $with = []): Sheet => trialSheet(
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
    $single = trialPlan(['units' => 1]);
    expect(said(Judgement::of($single, Placement::of($single, 1), new Sheet([]), 84)->says()))->toContain('one unit');
    $cells = ['U1' => [77 => '8']];
    expect(said($judged(sheetOf($cells), 84)->says()))->toContain('Read day 84 first: U1 needs nitrate');
    $dead = array_fill_keys(
        array_slice(array_keys($placed, 1, true), 0, 3),
        array_fill_keys([70, 77, 84], 'missing: it leaked'),
    );
    $gone = $judged($sheet($dead), 84);
    expect(said($gone->says()))->toContain('fewer than two units')->and($gone->left)->toHaveCount(3)
        ->and($gone->left[0])->toContain('it leaked');
});

it('judges unequal arms, all zero, and readings below the limit without a fault', function (): void {
    $plan = trialPlan(['units' => 3]);
    $placed = Placement::of($plan, 2);
    foreach (['0', '<0.5'] as $text) {
        $sheet = sheetOf(array_map(fn (): array => [84 => $text], $placed));
        expect(said(Judgement::of($plan, $placed, $sheet, 84)->says()))
            ->toBe('Nitrate: not clear. Every unit ends lower than the kit reads.');
    }
    $random = new Randomizer(new Mt19937(4));
    $sheet = trialSheet($plan, $placed, fn (int $arm): float => $arm === 1 ? -15.0 : 0.0, $random, [
        array_keys($placed, 1, true)[0] => array_fill_keys($plan->setup->days(), 'missing: it broke'),
    ]);
    expect(said(Judgement::of($plan, $placed, $sheet, 84)->says()))->toBe('Nitrate: Stones ends lower than gravel.');
});

it('takes units that read alike for no wonder, and no difference for finer than a step', function (): void {
    $plan = trialPlan();
    $placed = Placement::of($plan, 3);
    $apart = fn (string $one, string $other): Judgement => Judgement::of($plan, $placed, sheetOf(array_map(
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
    $plan = trialPlan(['units' => 3, 'reads' => [$read('no3'), $read('nh4'), $read('no2')]]);
    expect($plan->comparisons())->toBe(3)->and(smallest($plan))->toBeGreaterThan(smallest(trialPlan(['units' => 3])));
    $false = 0;
    for ($n = 0; $n < 200; $n++) {
        $placed = Placement::of($plan, $n);
        $judged = Judgement::of($plan, $placed, trialSheet($plan, $placed, fn (): float => 0.0, $random), 84);
        $clear = array_filter($judged->outcomes, fn ($one): bool => $one->end[0]->isClear);
        $false += $clear === [] ? 0 : 1;
    }
    expect($false / 200)->toBeLessThanOrEqual(0.05)
        ->and(substr_count(said($judged->says()), 'no clear effect'))->toBeGreaterThanOrEqual(2);
});

it('lists what went wrong, so that the next plan can start from it', function (): void {
    $plan = trialPlan();
    $placed = Placement::of($plan, 5);
    $first = array_keys($placed)[0];
    $sheet = trialSheet($plan, $placed, fn (int $arm, int $day): float => 0.0, new Randomizer(new Mt19937(9)), [
        $first => [7 => 'missing: the vial broke', 14 => '12 cloudy', 77 => 'died', 84 => 'died'],
    ]);
    $lessons = new Lessons($plan, $placed, $sheet);
    $said = array_map(said(...), $lessons->all(2, 84));
    expect($said)->toContain('1 reading missing: the vial broke.')->toContain('2 readings missing: died.')
        ->toContain("Not read to the end: {$first}. Plan a spare unit per arm.")
        ->toContain('The plan was changed 2 times on the way.')
        ->and(implode(' ', $said))->toContain('1 reading in cloudy water');
    $wild = trialSheet($plan, $placed, fn (int $arm, int $day): float => 0.0, new Randomizer(new Mt19937(9)), [
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
        ->and((new Lessons($plan, $placed, new Sheet([])))->all(0, -1))->toBe([]);
});

it('takes readings at one door, all of them or none', function (array $typed, string $sentence): void {
    $plan = trialPlan();
    $door = new CellDoor($plan, Placement::of($plan, 1), 20);
    $cell = fn (string $unit, string $day, string $text, string $parameter = ''): array => [
        'parameter' => $parameter, 'unit' => $unit, 'day' => $day, 'text' => $text,
    ];
    $good = $cell('u1', '14', '8,5 cloudy');
    expect($door->day())->toBe(14)->and($door->take([$good]))->toBe([
        ['parameter' => 'no3', 'unit' => 'U1', 'day' => 14, 'cell' => '8.5 cloudy'],
    ]);
    // As nitrogen it is kept as nitrate: 2 times 4.42664 (IUPAC 2013).
    expect((float) $door->take([$cell('U2', '14', '2', 'no3-n')])[0]['cell'])->toEqualWithDelta(2 * 4.42664, 1e-4);
    try {
        $door->take([$good, $cell(...$typed)]);
        $this->fail('It was taken.');
    } catch (Refused $refused) {
        expect($refused->problems)->toHaveCount(1)->and(implode('', $refused->problems))->toContain($sentence);
    }
})->with([
    'an unknown unit' => [['U99', '14', '8'], 'There is no unit “U99”'],
    'a day between' => [['U2', '15', '8'], 'is not in the plan'],
    'a day to come' => [['U2', '21', '8'], 'has not come yet'],
    'a negative day' => [['U2', '-7', '8'], 'is not in the plan'],
    'two readings of one unit on one day' => [['U1', '14', '9'], 'stands twice'],
    'the same by another word' => [['U1', '14', '9', 'nitrate'], 'stands twice'],
    'text' => [['U2', '14', 'green'], 'U2, day 14'],
    'a parameter that is not read' => [['U2', '14', '8', 'po4'], 'does not read “po4”'],
    'no parameter at all' => [['U2', '14', '8', 'gold'], 'does not read “gold”'],
]);

it('reads a table of readings, a row for each day or for each reading', function (string $table, int $count): void {
    $cells = SheetTable::read($table);
    expect($cells)->toHaveCount($count)->and($cells[0])->toBe([
        'parameter' => $cells[0]['parameter'], 'unit' => $cells[0]['unit'], 'day' => '7', 'text' => '8.5',
    ]);
})->with([
    ["day,U1,U2\n7,8.5,9\n14,,8\n", 3],
    ["\xEF\xBB\xBFDay;U1;U2\r\n7;8.5;9\r\n", 2],
    ["unit\tday\treading\nU1\t7\t8.5\n", 1],
    ["unit,arm,day,parameter,reading\nU1,\"a, b\",7,no3,8.5\nU2,x,7,no3,'<0.5\n", 2],
]);

it('refuses a table that it cannot read, with a sentence', function (string $table, string $sentence): void {
    expect(fn () => SheetTable::read($table))->toThrow(Refused::class, $sentence);
})->with([
    ['', 'The first row needs the heads'],
    ["U1,U2\n8,9", 'The first row needs the heads'],
    ["day,unit\n7,U1", 'needs “unit” and “reading”'],
    ["day,U1,U2\n7,8", 'Row 2 has 2 fields and the first row has 3'],
    ["day,U1\n7,\xff", 'no text in UTF-8'],
    [str_repeat('day,U1', 40_000), 'too long'],
]);

it('reads a line of the log', function (string $line, array $cells, string $which, bool $rest): void {
    $read = TrialLine::read($line);
    expect(array_map(
        fn (array $one): string => "{$one['parameter']} {$one['unit']} {$one['day']} {$one['text']}",
        $read->cells,
    ))->toBe($cells)->and($read->which)->toBe($which)->and($read->rest !== null)->toBe($rest);
    foreach ($read->cells as $one) {
        expect(mb_substr($line, $one['start'], $one['end'] - $one['start']))->toContain($one['unit']);
    }
})->with([
    ['trial stones no3 U1 12 U2 14', ['no3 U1  12', 'no3 U2  14'], 'stones', false],
    ['Trial U1 12,5 cloudy, u2 <0.5', [' U1  12,5 cloudy', ' u2  <0.5'], '', false],
    ['trial stones day 14 no3 U1: 12', ['no3 U1 14 12'], 'stones', false],
    ['trial stones U1 missing: it leaked U2 died', [' U1  missing: it leaked', ' U2  died'], 'stones', false],
    ['trial stones U1 12 and more U2 13', [' U1  12', ' U2  13'], 'stones', true],
    ['trial stones', [], 'stones', false],
]);

it('is no line of a trial where it begins otherwise', function (): void {
    expect(TrialLine::read('note trial U1 12'))->toBeNull()->and(TrialLine::read('no3 8'))->toBeNull()
        ->and(TrialLine::read('trial rubble U1 1')->isOf(trialPlan()))->toBeFalse()
        ->and(TrialLine::read('trial STONES U1 1')->isOf(trialPlan()))->toBeTrue();
});

it('opens again what it wrote as a file, and refuses one whose units have other arms', function (): void {
    $plan = trialPlan();
    $file = new TrialFile($plan, [
        'started' => '2026-01-05', 'ended' => '2026-04-01', 'seed' => 7,
        'cells' => [['parameter' => 'no3', 'unit' => 'U1', 'day' => 84, 'cell' => '8.5 cloudy']],
        'amendments' => [['day' => '2026-02-01', 'text' => 'A new kit.']], 'lessons' => ['A spare jar.'],
    ]);
    $document = json_decode((string) json_encode($file->toArray()), true);
    expect(TrialFile::read($document)->run)->toBe($file->run)
        ->and(TrialFile::read($plan->toArray())->run)->toBeNull();
    foreach ([
        ['run', 'arms', ['U1' => 'stones']], ['run', 'seed', 8], ['run', 'ended', '2026-13-01'],
        ['run', 'ended', '2025-01-01'],
        ['run', 'cells', [['parameter' => 'no3', 'unit' => 'U1', 'day' => 3, 'cell' => '8']]],
        ['run', 'lessons', [7]], ['plan', 'question', ''],
    ] as [$part, $key, $value]) {
        $other = $document;
        $other[$part][$key] = $value;
        expect(fn () => TrialFile::read($other))->toThrow(Refused::class);
    }
});

it('still reads a plan of the first schema', function (): void {
    $old = [
        'format' => TrialPlan::FORMAT, 'schema' => 1, 'question' => 'Do the stones lower it?', 'parameter' => 'po4',
        'arms' => ['gravel', 'stones'], 'control' => 'gravel', 'units' => 2, 'litres' => 5.0, 'nitrogenMgPerDay' => 0.5,
        'cyclingWeeks' => 4, 'weeks' => 12, 'every' => 7, 'step' => 0.01, 'scatter' => 0.02, 'isBlind' => true,
    ];
    $plan = TrialPlan::stored($old);
    expect($plan->reads[0]->parameter)->toBe(Parameter::Phosphate)->and($plan->reads[0]->scatter->step)->toBe(0.01)
        ->and($plan->feed->what)->toBe('not told');
});

it('draws its report as SVG 1.1, and keeps the arms of a blind one to itself', function (): void {
    $plan = trialPlan(['question' => 'Do <stones> & "moss" lower it?']);
    $placed = Placement::of($plan, 2);
    $lower = fn (int $arm): float => $arm === 1 ? -9.0 : 0.0;
    $sheet = trialSheet($plan, $placed, $lower, new Randomizer(new Mt19937(2)));
    $judged = Judgement::of($plan, $placed, $sheet, 84);
    $svg = fn (?array $shown): string => (new TrialSvg($plan, $shown, $sheet, $judged, new Words(UnitSystem::Metric)))
        ->write(array_keys($placed));
    expect($svg($placed))->toBeValidSvg()->and(substr_count($svg($placed), '<polyline'))->toBe(8)
        ->and($svg($placed))->toContain('stones minus gravel')->toContain('gravel (control)')
        ->and($svg(null))->not->toContain('gravel (control)')->not->toContain('stroke-dasharray');
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
    $figures = Parameters::of(Assumptions::standard());
    // 0.5 mg of nitrogen a day for 10 days in 5 L is 1 mg/L, times 4.42664 (IUPAC 2013).
    expect(trialPlan()->fed(Parameter::Nitrate, 10, $figures))->toEqualWithDelta(4.42664, 1e-9)
        ->and(trialPlan()->fed(Parameter::Phosphate, 10, $figures))->toBeNull()
        // 1 mg a day from day 4 on: 4 x 0.5 + 6 x 1 mg.
        ->and(trialPlan()->fed(Parameter::Nitrate, 10, $figures, [[4, 1.0]]))->toEqualWithDelta(1.6 * 4.42664, 1e-9)
        ->and(trialPlan()->fed(Parameter::Nitrate, 3, $figures, [[4, 1.0]]))->toEqualWithDelta(0.3 * 4.42664, 1e-9);
    // Pellets: 0.92 dry, of which 0.48 protein, which holds 1 / 6.25 nitrogen: 70.656 mg a gram.
    $weighed = trialPlan(['nitrogenMgPerDay' => null, 'food' => 'pellet', 'foodMgPerDay' => 10.0]);
    expect($weighed->feed->nitrogen($figures))->toEqualWithDelta(0.70656, 1e-9);
    // What was not entered is not zero.
    $unknown = trialPlan(['nitrogenMgPerDay' => null]);
    expect($unknown->fed(Parameter::Nitrate, 10, $figures))->toBeNull()
        ->and($unknown->fed(Parameter::Nitrate, 10, $figures, [[4, 1.0]]))->toBeNull()
        ->and($unknown->fed(Parameter::Nitrate, 10, $figures, [[0, 1.0]]))->toEqualWithDelta(2 * 4.42664, 1e-9)
        ->and(fn () => trialPlan(['food' => 'pellet']))->toThrow(Refused::class);
});
