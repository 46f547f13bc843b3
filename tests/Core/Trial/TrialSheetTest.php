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
use Ithys\Trial\Placement;
use Ithys\Trial\SheetTable;
use Ithys\Trial\TrialFile;
use Ithys\Trial\TrialLine;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Trials;

it('takes readings at one door, all of them or none', function (array $typed, string $sentence): void {
    $plan = Trials::plan();
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
        ->and(TrialLine::read('trial rubble U1 1')->isOf(Trials::plan()))->toBeFalse()
        ->and(TrialLine::read('trial STONES U1 1')->isOf(Trials::plan()))->toBeTrue();
});

it('opens again what it wrote as a file, and refuses one whose units have other arms', function (): void {
    $plan = Trials::plan();
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
    $plan = Trials::plan(['question' => 'Do <stones> & "moss" lower it?']);
    $placed = Placement::of($plan, 2);
    $lower = fn (int $arm): float => $arm === 1 ? -9.0 : 0.0;
    $sheet = Trials::simulated($plan, $placed, $lower, new Randomizer(new Mt19937(2)));
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
    expect(Trials::plan()->fed(Parameter::Nitrate, 10, $figures))->toEqualWithDelta(4.42664, 1e-9)
        ->and(Trials::plan()->fed(Parameter::Phosphate, 10, $figures))->toBeNull()
        // 1 mg a day from day 4 on: 4 x 0.5 + 6 x 1 mg.
        ->and(Trials::plan()->fed(Parameter::Nitrate, 10, $figures, [[4, 1.0]]))->toEqualWithDelta(1.6 * 4.42664, 1e-9)
        ->and(Trials::plan()->fed(Parameter::Nitrate, 3, $figures, [[4, 1.0]]))->toEqualWithDelta(0.3 * 4.42664, 1e-9);
    // Pellets: 0.92 dry, of which 0.48 protein, which holds 1 / 6.25 nitrogen: 70.656 mg a gram.
    $weighed = Trials::plan(['nitrogenMgPerDay' => null, 'food' => 'pellet', 'foodMgPerDay' => 10.0]);
    expect($weighed->feed->nitrogen($figures))->toEqualWithDelta(0.70656, 1e-9);
    // What was not entered is not zero.
    $unknown = Trials::plan(['nitrogenMgPerDay' => null]);
    expect($unknown->fed(Parameter::Nitrate, 10, $figures))->toBeNull()
        ->and($unknown->fed(Parameter::Nitrate, 10, $figures, [[4, 1.0]]))->toBeNull()
        ->and($unknown->fed(Parameter::Nitrate, 10, $figures, [[0, 1.0]]))->toEqualWithDelta(2 * 4.42664, 1e-9)
        ->and(fn () => Trials::plan(['food' => 'pellet']))->toThrow(Refused::class);
});
