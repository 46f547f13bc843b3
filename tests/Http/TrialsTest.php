<?php

declare(strict_types=1);

use App\Exchange\SchemaFile;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Ithys\Trial\TrialFile;

beforeEach(function (): void {
    $this->travelTo('2026-06-15 12:00:00');
    $this->actingAs($this->keeper = User::factory()->create());
    $this->at = '/systems/'.System::factory()->ownedBy($this->keeper)->create()->id.'/trials';
    $this->plan = fn (array $with = []): array => [
        'question' => 'Do the stones lower nitrate?', 'arms' => ['gravel', 'stones', '', ''],
        'reads' => [['parameter' => 'no3', 'kit' => 'drops', 'step' => '0.5', 'scatter' => '1,5']],
        'control' => 'as much gravel', 'feed' => 'pellets', 'stop' => '', 'units' => '2', 'litres' => '5',
        'nitrogenMgPerDay' => '1', 'cyclingWeeks' => '4', 'weeks' => '2', 'every' => '7', 'isBlind' => false, ...$with,
    ];
    $this->reads = fn (array $with): array => ['reads' => [[
        'parameter' => 'no3', 'kit' => '', 'step' => '0.5', 'scatter' => '1', ...$with,
    ]]];
    $this->planned = function (array $with = []): Trial {
        $this->post($this->at, ($this->plan)($with))->assertSessionHasNoErrors();

        return Trial::query()->latest('id')->firstOrFail();
    };
    $this->page = fn (Trial $trial): array => $this->get("{$this->at}/{$trial->id}")->assertOk()->inertiaProps('trial');
    $this->read = fn (Trial $trial, array $cells) => $this->put("{$this->at}/{$trial->id}/readings", [
        'cells' => $cells,
    ]);
});

it('plans a trial, shows what it can show, and places its arms by lot', function (): void {
    $preview = $this->postJson("{$this->at}/preview", ($this->plan)())->assertOk()->json();
    expect($preview['may'])->toBeTrue()->and($preview['reads'][0]['options'][0]['smallest'])->toBe('8.5 ppm')
        ->and($preview['reads'][0]['curve'])->toHaveCount(7);
    $page = ($this->page)(($this->planned)());
    expect($page['state'])->toBe('planned')->and($page['arms'])->toBe(['gravel', 'stones'])
        ->and(array_count_values(array_column($page['units'], 'arm')))->toEqual([0 => 2, 1 => 2])
        ->and($page['power'])->toBe($preview);
});

it('says at each field what is wrong with a plan, and saves nothing', function (array $with, string $field): void {
    $this->post($this->at, ($this->plan)($with))->assertSessionHasErrors($field);
    expect(Trial::query()->count())->toBe(0);
})->with([
    [['question' => ''], 'question'], [['control' => ''], 'control'], [['arms' => ['gravel']], 'arms'],
    [['units' => '0'], 'units'], [['units' => '1.5'], 'units'], [['litres' => '-3'], 'litres'],
    [['weeks' => 'many'], 'weeks'], [['feed' => ''], 'feed'], [['reads' => []], 'reads'],
    [['reads' => [['parameter' => 'no3', 'step' => '0', 'scatter' => '1']]], 'reads.0.step'],
    [['reads' => [['parameter' => 'gold', 'step' => '1', 'scatter' => '1']]], 'reads.0.parameter'],
    [['file' => '{"format":"other"}'], 'file'], [['file' => 'no json'], 'file'],
    [['file' => '{"format":"ithys-trial-file","schema":1,"plan":{},"run":null}'], 'file'],
    [['form' => 'switched'], 'change'], [['form' => 'sideways'], 'form'],
]);

it('locks the plan at the start, and takes amendments with their day', function (): void {
    $trial = ($this->planned)();
    ($this->read)($trial, ['no3 U1 0' => '8'])->assertSessionHasErrors([
        'cells' => 'Start the trial first: what is read before its start does not count.',
    ]);
    $this->post("{$this->at}/{$trial->id}/amendments", ['text' => 'More.'])->assertSessionHasErrors('text');
    $this->post("{$this->at}/{$trial->id}/start")->assertSessionHasNoErrors();
    $this->post("{$this->at}/{$trial->id}/start")->assertSessionHasErrors(['plan' => 'The plan is locked since the '
        .'start. Write what you change as an amendment.']);
    $this->post("{$this->at}/{$trial->id}/amendments", ['text' => ' '])->assertSessionHasErrors('text');
    $this->post("{$this->at}/{$trial->id}/amendments", ['text' => 'A new bottle of the kit.']);
    $amend = fn (array $with) => $this->post("{$this->at}/{$trial->id}/amendments", ['text' => 'More food.', ...$with]);
    $amend(['nitrogen' => 'much'])->assertSessionHasErrors('nitrogen');
    $amend(['nitrogen' => '-1'])->assertSessionHasErrors('nitrogen');
    $this->travel(7)->days();
    $amend(['nitrogen' => '2,5'])->assertSessionHasNoErrors();
    expect(($this->page)($trial)['amendments'])->toBe([
        ['day' => '2026-06-15', 'text' => 'A new bottle of the kit.'],
        ['day' => '2026-06-22', 'text' => 'More food.', 'nitrogen' => 2.5],
    ]);
    // 1 mg a day for a week, then 2.5, in 5 L.
    expect(($this->page)($trial)['reads'][0]['fed'][2])->toEqualWithDelta(4.42664 * (7 + 17.5) / 5, 1e-9);
});

it('fills the sheet, all of it or nothing, and corrects a cell', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    ($this->read)($trial, ['no3 U1 0' => '8.5', 'no3 U2 0' => 'green'])
        ->assertSessionHasErrors('cells.no3 U2 0');
    expect(($this->page)($trial)['next'])->toBe(0)->and($trial->cells()->count())->toBe(0);
    ($this->read)($trial, [
        'no3 U1 0' => '8,5 cloudy', 'no3 U2 0' => '<0.5', 'no3 U3 0' => 'died', 'no3 U4 0' => '9',
    ])
        ->assertSessionHasNoErrors();
    $cells = array_map(
        fn (array $one): array => array_values((array) $one['sheet'][0]['cells']),
        ($this->page)($trial)['units'],
    );
    expect(array_merge(...$cells))
        ->toBe(['8.5 cloudy', '<0.5', 'missing: died', '9'])->and(($this->page)($trial)['next'])->toBe(7);
    // Two readings of one unit on one day: the later takes the place of the first; an empty cell takes it out.
    ($this->read)($trial, ['no3 U1 0' => '7'])->assertSessionHasNoErrors();
    ($this->read)($trial, ['no3 U2 0' => ''])->assertSessionHasNoErrors();
    expect($trial->cells()->count())->toBe(3)->and($trial->cells()->where('unit', 'U1')->sole()->cell)->toBe('7');
    foreach (['no3 U9 0', 'no3 U1 3', 'no3 U1', 'x y', 'no3 U1 7', 'po4 U1 0'] as $place) {
        ($this->read)($trial, [$place => '8'])->assertSessionHasErrors();
        expect(session('errors')->keys()[0])->toStartWith('cells.');
    }
});

it('judges once, after the last planned day, and hides the arms of a blind trial until then', function (): void {
    $trial = ($this->planned)(['isBlind' => true]);
    // Who fills the units has to know.
    expect(array_filter(array_column(($this->page)($trial)['units'], 'arm'), is_int(...)))->toHaveCount(4);
    $this->post("{$this->at}/{$trial->id}/start");
    foreach ([0, 7, 14] as $day) {
        $this->travelTo("2026-06-15 12:00:00 +{$day} days");
        $cells = [];
        foreach ($trial->placed() as $unit => $arm) {
            $cells["no3 {$unit} {$day}"] = (string) (($arm === 1 ? 2 : 20) + (int) substr($unit, 1) / 2);
        }
        $page = ($this->page)($trial);
        expect(array_filter(array_column($page['units'], 'arm'), is_int(...)))->toBe([]);
        $day < 14 && expect($page['headline'])->toContain('It is judged after day 14');
        ($this->read)($trial, $cells)->assertSessionHasNoErrors();
    }
    $page = ($this->page)($trial);
    expect($page['isJudged'])->toBeTrue()->and($page['headline'])->toBe('Nitrate: Stones ends lower than gravel.')
        ->and($page['reads'][0]['end'][0]['isClear'])->toBeTrue()
        ->and($this->get($this->at)->inertiaProps('trials')['list'][0]['says'])->toBe($page['headline'])
        ->and($page['amendments'])->toBe([]);
    // A slip can be corrected, and the correction stands with the verdict.
    $same = $trial->cells()->where(['unit' => 'U2', 'day' => 14])->sole()->cell;
    ($this->read)($trial, ['no3 U1 14' => '30', 'no3 U2 14' => $same]);
    expect(array_column(($this->page)($trial)['amendments'], 'text'))->toHaveCount(1)
        ->and(($this->page)($trial)['amendments'][0]['text'])->toContain('U1, day 14')->toContain('to “30”')
        ->and(implode(' ', ($this->page)($trial)['learned']))->not->toContain('The plan was changed');
});

it('gives its plan as a file that opens again, and its readings as CSV', function (): void {
    $trial = ($this->planned)(['arms' => ['gravel', '=stones']]);
    $file = (string) $this->get("{$this->at}/{$trial->id}/trial.json")->assertOk()->getContent();
    $again = ($this->planned)(['file' => $file, 'question' => '']);
    expect($again->planned()->toArray())->toBe($trial->planned()->toArray())
        ->and(json_decode($file, true)['format'])->toBe(TrialFile::FORMAT);
    $this->post("{$this->at}/{$trial->id}/start");
    $unit = array_search(1, $trial->placed(), true);
    ($this->read)($trial, ["no3 {$unit} 0" => '8']);
    expect($this->get("{$this->at}/{$trial->id}/readings.csv")->streamedContent())
        ->toBe("unit,arm,day,parameter,reading\r\n{$unit},'=stones,0,no3,8\r\n");
});

it('lists its reading days in Care, until the day is read', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    $due = fn (): array => array_column(
        $this->get(str_replace('trials', 'care', $this->at))->inertiaProps('care')['tanks'][0]['due'],
        'when',
        'key',
    );
    expect($due())->toBe(["trial {$trial->id}" => 'due today']);
    $weeks = $this->get(str_replace('trials', 'care', $this->at))->inertiaProps('care')['weeks'];
    $days = array_keys(array_filter($weeks, fn (array $one): bool => str_contains(
        implode(' ', $one['tasks']),
        'Read the trial',
    )));
    expect($days)->toBe([0, 7, 14]);
    ($this->read)($trial, [
        'no3 U1 0' => '8', 'no3 U2 0' => '8', 'no3 U3 0' => '8', 'no3 U4 0' => '8',
    ]);
    expect($due())->toBe([]);
    $this->travel(9)->days();
    expect($due())->toBe(["trial {$trial->id}" => '2 days late']);
    $this->post("{$this->at}/{$trial->id}/end")->assertSessionHasNoErrors();
    expect($due())->toBe([])
        ->and(($this->page)($trial)['headline'])->toContain('It ended on day 9, before its last day 14');
    // What is on paper can still be typed in; what came after the end cannot.
    ($this->read)($trial, ['no3 U1 7' => '8'])->assertSessionHasNoErrors();
    ($this->read)($trial, ['no3 U1 14' => '8'])->assertSessionHasErrors();
});

it('is nobody else’s, and comes back from the bin', function (): void {
    $trial = ($this->planned)();
    $this->delete("{$this->at}/{$trial->id}");
    $undo = session('flash')['undo'];
    expect($this->get($this->at)->inertiaProps('trials')['list'])->toBe([])
        // Later it is still in the bin.
        ->and($this->get(str_replace('trials', 'bin', $this->at))->inertiaProps('others'))->toHaveCount(1);
    $this->post($undo)->assertRedirect();
    expect($this->get($this->at)->inertiaProps('trials')['list'])->toHaveCount(1);
    $this->flushSession();
    $other = User::factory()->create();
    $own = System::factory()->ownedBy($other)->create()->id;
    $this->actingAs($other)->get("{$this->at}/{$trial->id}")->assertNotFound();
    $this->get("/systems/{$own}/trials/{$trial->id}")->assertNotFound();
    $this->put("/systems/{$own}/trials/{$trial->id}/readings", ['cells' => ['no3 U1 0' => '8']])->assertNotFound();
});

it('takes readings from a table, all of it or nothing', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    $table = fn (string $table) => $this->post("{$this->at}/{$trial->id}/table", ['table' => $table]);
    $table("day,U1,U2\n0,8.5,green\n")->assertSessionHasErrors('cells.U2 0');
    $table('what is this')->assertSessionHasErrors('table');
    $table("unit,day,reading\nU1,0,8\nU1,0,9\n")->assertSessionHasErrors();
    expect(session('errors')->first())->toContain('U1 stands twice on day 0')->and($trial->cells()->count())->toBe(0);
    $table("day;U1;U2;U3;U4\n0;8,5;<0.5;missing: it broke;9 cloudy\n")->assertSessionHasNoErrors();
    expect($trial->cells()->orderBy('unit')->pluck('cell')->all())
        ->toBe(['8.5', '<0.5', 'missing: it broke', '9 cloudy']);
    // What is exported comes in again, and changes nothing.
    $csv = $this->get("{$this->at}/{$trial->id}/readings.csv")->streamedContent();
    $table($csv)->assertSessionHasNoErrors();
    expect($this->get("{$this->at}/{$trial->id}/readings.csv")->streamedContent())->toBe($csv);
});

it('takes a line of the log as readings of the trial it means', function (): void {
    $line = fn (string $line) => $this->post(str_replace('trials', 'journal', $this->at), ['line' => $line]);
    $seen = fn (string $line): array => $this->postJson(
        str_replace('trials', 'journal', $this->at).'/understand',
        ['line' => $line],
    )->assertOk()->json();
    expect($seen('trial stones U1 8')['problems'][0]['sentence'])->toContain('No trial in jars or boxes runs');
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    $this->travel(8)->days();
    $read = $seen('trial stones no3 U1 12 U2 <0.5');
    expect($read['mayBeSaved'])->toBeTrue()->and(array_column($read['chips'], 'text'))
        ->toBe(['U1 12, day 7', 'U2 <0.5, day 7'])->and($trial->cells()->count())->toBe(0);
    $line('trial stones no3 U1 12 U2 <0.5')->assertSessionHasNoErrors();
    expect(session('flash')['message'])->toBe('Saved in the trial: 2 readings.');
    $line('trial day 0 U3 missing: not there U4 died')->assertSessionHasNoErrors();
    $cells = $trial->cells()->orderBy('unit')->get();
    expect($cells->map(fn ($one): string => "{$one->unit} {$one->day} {$one->cell}")->all())
        ->toBe(['U1 7 12', 'U2 7 <0.5', 'U3 0 missing: not there', 'U4 0 missing: died']);
    foreach ([
        'trial moss U1 8' => 'has “moss” in its question or arms', 'trial stones' => 'Write units with what was read',
        'trial stones po4 U1 8' => 'does not read “po4”', 'trial stones U9 8' => 'There is no unit “U9”',
        'trial stones day 14 U1 8' => 'has not come yet', 'trial stones U1 8 and so on' => 'Write units with',
    ] as $wrong => $sentence) {
        expect($seen($wrong)['problems'][0]['sentence'])->toContain($sentence);
        $line($wrong)->assertSessionHasErrors('line');
    }
    ($this->planned)(['question' => 'Do the stones lower it in boxes?']);
    $second = Trial::query()->latest('id')->firstOrFail();
    $this->post("{$this->at}/{$second->id}/start");
    expect($seen('trial stones U1 8')['problems'][0]['sentence'])->toContain('More than one trial could be meant')
        ->and($seen('trial boxes U1 8')['mayBeSaved'])->toBeTrue();
});

it('reads several parameters in one trial', function (): void {
    $trial = ($this->planned)(['reads' => [
        ['parameter' => 'no3', 'kit' => 'drops', 'step' => '0.5', 'scatter' => '1'],
        ['parameter' => 'po4', 'kit' => '', 'step' => '0,01', 'scatter' => '0.02'],
    ]]);
    $this->post("{$this->at}/{$trial->id}/start");
    ($this->read)($trial, ['no3 U1 0' => '8', 'po4 U1 0' => '0.05', 'alk U1 0' => '8'])->assertSessionHasErrors();
    ($this->read)($trial, ['no3 U1 0' => '8', 'po4 U1 0' => '0.05'])->assertSessionHasNoErrors();
    $unit = ($this->page)($trial)['units'][0];
    expect(array_map(fn (array $one): array => (array) $one['cells'], $unit['sheet']))
        ->toBe([[0 => '8'], [0 => '0.05']])
        ->and(array_column(($this->page)($trial)['reads'], 'label'))->toBe(['Nitrate', 'Phosphate']);
});

it('starts the next plan from what went wrong', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    ($this->read)($trial, ['no3 U1 0' => 'missing: the vial broke']);
    $this->put("{$this->at}/{$trial->id}/lessons", ['text' => " A spare jar.\n\nRead in the morning. "]);
    $this->put("{$this->at}/{$trial->id}/lessons", ['text' => str_repeat('x', 301)])->assertSessionHasErrors('text');
    expect(($this->page)($trial)['lessons'])->toBe(['A spare jar.', 'Read in the morning.'])
        ->and(($this->page)($trial)['learned'][0])->toBe('1 reading missing: the vial broke.');
    $from = $this->get("{$this->at}?from={$trial->id}")->inertiaProps('from');
    expect($from['learned'][0])->toBe('A spare jar.')->and($from['learned'][2])->toContain('the vial broke')
        ->and($from['plan']['question'])->toBe('Do the stones lower nitrate?');
    // Nobody starts from a trial that is not theirs.
    $this->flushSession();
    $this->actingAs($other = User::factory()->create());
    $own = System::factory()->ownedBy($other)->create()->id;
    expect($this->get("/systems/{$own}/trials?from={$trial->id}")->inertiaProps('from'))->toBeNull();
});

it('gives an ended trial whole as a file, by its schema, and opens it elsewhere with its verdict', function (): void {
    $trial = ($this->planned)(['isBlind' => true]);
    $this->post("{$this->at}/{$trial->id}/start");
    $json = fn (Trial $of, string $at): string => (string) $this->get("{$at}/{$of->id}/trial.json")->getContent();
    // While it runs blind, neither file tells the arms.
    expect(json_decode($json($trial, $this->at), true)['run'])->toBeNull()
        ->and($this->get("{$this->at}/{$trial->id}/report.svg")->getContent())->not->toContain('(control)');
    foreach ([0, 7, 14] as $day) {
        $this->travelTo("2026-06-15 12:00:00 +{$day} days");
        ($this->read)($trial, array_combine(
            array_map(fn (string $unit): string => "no3 {$unit} {$day}", array_keys($trial->placed())),
            array_map(fn (int $arm): string => $arm === 1 ? '2' : '20', array_values($trial->placed())),
        ))->assertSessionHasNoErrors();
    }
    $this->post("{$this->at}/{$trial->id}/end");
    $file = $json($trial, $this->at);
    expect(SchemaFile::faults(json_decode($file), 'trial-1'))->toBe([])
        ->and($this->get("{$this->at}/{$trial->id}/report.svg")->getContent())->toBeValidSvg()
        ->toContain('Stones ends lower than gravel.');
    $headline = ($this->page)($trial)['headline'];
    $this->flushSession();
    $this->actingAs($other = User::factory()->create());
    $at = '/systems/'.System::factory()->ownedBy($other)->create()->id.'/trials';
    $this->post($at, ['file' => $file])->assertSessionHasNoErrors();
    $opened = Trial::query()->latest('id')->firstOrFail();
    expect($this->get("{$at}/{$opened->id}")->inertiaProps('trial')['headline'])->toBe($headline)
        ->and(json_decode($json($opened, $at), true))->toBe(json_decode($file, true));
    foreach (['"U1"' => '"U9"', '"2026-06-15"' => '"soon"', '"run": {' => '"more": 1, "run": {'] as $from => $to) {
        $this->post($at, ['file' => str_replace($from, $to, $file)])->assertSessionHasErrors('file');
    }
    expect(Trial::query()->where('system_id', $opened->system_id)->count())->toBe(1);
});

it('keeps photos of the sheet with the trial', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start");
    $at = str_replace('trials', 'photos', $this->at);
    $photo = fn (array $with) => $this->post($at, [
        'photo' => UploadedFile::fake()->image('sheet.jpg', 60, 40), 'caption' => 'Sheet of June', ...$with,
    ]);
    $photo(['trial' => (string) $trial->id])->assertSessionHasNoErrors();
    $photo([])->assertSessionHasNoErrors();
    $photo(['trial' => '999'])->assertSessionHasErrors('photo');
    expect(array_column(($this->page)($trial)['photos']['list'], 'caption'))->toBe(['Sheet of June'])
        ->and(($this->page)($trial)['photos']['total'])->toBe(1);
});
