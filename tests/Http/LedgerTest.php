<?php

declare(strict_types=1);

use App\Jobs\LearnTank;
use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Entry;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Learning\Taught;
use Ithys\Learning\Unknown;
use Ithys\Path\Kind;

beforeEach(function (): void {
    $this->travelTo('2026-11-25 12:00:00');
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->keeper = User::query()->firstOrFail());
    $this->system = System::query()->oldest('id')->firstOrFail();
    $this->ledger = fn (string $query = ''): array => $this->get("/systems/1/ledger{$query}")
        ->assertOk()
        ->inertiaProps('ledger');
});

it('shows where nitrogen and phosphorus of the demo went, in and out the same', function (): void {
    $ledger = ($this->ledger)('?weeks=12');
    expect($ledger['missing'])->toBeNull()->and(round($ledger['weeks']))->toBe(12.0);
    foreach ($ledger['elements'] as $element) {
        $sum = fn (string $side): float => array_sum(array_column($element[$side], 'mg'));
        expect($sum('in'))->toEqualWithDelta($sum('out') + $sum('stores'), 1e-4 * $sum('in'));
        foreach ([...$element['in'], ...$element['out']] as $line) {
            expect($line['mg'])->toBeGreaterThan(0.0)->and($line['ppm'])->toBeGreaterThan(0.0);
        }
        expect($element['story'])->toHaveCount(3);
    }
    // Every figure can be opened.
    $known = array_column(
        array_merge(...array_column($this->get('/systems/1/assumptions')->inertiaProps('groups'), 'assumptions')),
        'key',
    );
    foreach (array_merge(...array_column($ledger['elements'], 'out')) as $line) {
        expect($known)->toContain($line['assumption']);
    }
});

it('learns what the demo really is, within what it says of it', function (): void {
    $fit = (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    foreach (DemoSeeder::TRUTH as $key => $truth) {
        [$low, $high] = $fit->interval(Unknown::from($key));
        expect($truth)->toBeGreaterThan($low, $key)->toBeLessThan($high, $key);
    }
    $taught = array_map($fit->taught(...), $fit->unknowns());
    expect($taught)->toContain(Taught::Together)->toContain(Taught::Assumed);
});

it('says where its figures are read that it fits badly', function (): void {
    $shelf = new FitShelf($this->system->fresh());
    $shelf->learn(now()->toDateTimeImmutable());
    $document = json_decode((string) DB::table('nutrient_fits')->value('document'), true);
    foreach ($document['stories'][0]['fit']['residuals'] as &$residual) {
        $residual['model'] *= $residual['parameter'] === 'po4' ? 0.5 : 1.0;
    }
    DB::table('nutrient_fits')->update(['document' => json_encode($document)]);
    $elements = ($this->ledger)()['elements'];
    expect(end($elements[1]['story']))->toContain('below your readings on average')
        ->and($elements[0]['story'])->toHaveCount(3);
});

it('learns from the readings, keeps that, and learns anew once something is logged', function (): void {
    $before = ($this->ledger)();
    $isCurrent = fn (): bool => $this->get('/systems/1/ledger')->inertiaProps('learning')['isCurrent'];
    expect($isCurrent())->toBeFalse()->and($before['learned'])->toBe([]);
    LearnTank::dispatchSync(1);
    $after = ($this->ledger)();
    expect($isCurrent())->toBeTrue()
        ->and($after['learned'])->toHaveCount(10)
        ->and($after['residuals'])->not->toBe([])
        ->and($after['elements'][0]['story'])->toHaveCount(3)
        ->and($after['elements'][1]['story'])->toHaveCount(3)
        // The demo feeds more than its readings show; the ledger follows them.
        ->and($after['elements'][0]['in'][0]['mg'])->toBeLessThan($before['elements'][0]['in'][0]['mg']);
    $this->post('/systems/1/journal', ['line' => 'no3 7.5 po4 0.06'])->assertSessionHasNoErrors();
    $later = ($this->ledger)();
    expect($isCurrent())->toBeFalse()
        // What was learned before stands meanwhile.
        ->and($later['learned'])->toBe($after['learned']);
});

it('follows an override of this tank at once', function (): void {
    $share = fn (): float => array_column(($this->ledger)()['elements'][0]['out'], 'mg', 'key')['skimmed'];
    $before = $share();
    $this->put('/systems/1/assumptions/skimmer-share', ['overlay' => ['value' => '25', 'reason' => 'small']])
        ->assertSessionHasNoErrors();
    expect($share())->toBeLessThan(0.7 * $before);
});

it('says what is missing where nothing can be reckoned, and what is too little to learn from', function (): void {
    $nano = System::query()->latest('id')->firstOrFail();
    $ledger = $this->get("/systems/{$nano->id}/ledger")->assertOk()->inertiaProps('ledger');
    expect($ledger['missing']['sentence'])->toContain('No reading of nitrate and phosphate is logged');
    LearnTank::dispatchSync($nano->id);
    expect($this->get("/systems/{$nano->id}/ledger")->inertiaProps('learning'))
        ->toMatchArray(['isCurrent' => true, 'problem' => $ledger['missing']['sentence']]);
    expect($this->get("/systems/{$nano->id}/forecast")->inertiaProps('missing.line'))->toBe('no3 8.5 po4 0.06');
    $this->postJson("/systems/{$nano->id}/forecast/preview", ['levers' => []])->assertStatus(409);
});

it('foresees the present course and another', function (): void {
    expect($this->get('/systems/1/forecast')->inertiaProps('missing.sentence'))->toContain('has not learned');
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/forecast')->assertOk()->inertiaProps('levers');
    expect((float) $levers['sockEvery'])->toBeGreaterThan(2)->and($levers['skimmerOn'])->toBeTrue();
    $ask = fn (array $with, int $weeks = 12) => $this->postJson('/systems/1/forecast/preview', [
        'levers' => [...$levers, ...$with],
        'weeks' => $weeks,
    ]);
    $same = $ask([])->assertOk()->json('view');
    expect($same['present']['no3'])->toHaveCount(25)
        // Levers as they stand differ by their rounding alone.
        ->and(end($same['other']['no3'])[1])->toEqualWithDelta(end($same['present']['no3'])[1], 0.3);
    $more = $ask(['feedTimes' => '2', 'sockEvery' => ''])->assertOk()->json('view');
    expect(end($more['other']['no3'])[1])->toBeGreaterThan(1.5 * end($more['present']['no3'])[1])
        ->and($more['workload']['other']['socks'])->toBe(0)
        ->and($more['workload']['present']['socks'])->toBeGreaterThan(50)
        ->and($ask([], 52)->json('view.present.no3'))->toHaveCount(105);
    // A fresh charge takes phosphate out.
    $gfo = $ask(['mediaGrams' => '100 g'])->assertOk()->json('view');
    expect($gfo['other']['po4'][4][1])->toBeLessThan(0.8 * $gfo['present']['po4'][4][1]);
    expect($ask(['feedTimes' => '-1'])->assertOk()->json())->toBe([
        'view' => null,
        'problems' => ['feedTimes' => 'Feeding must be between 0 and 5; “-1” is -1.'],
    ])
        ->and($ask(['sockEvery' => 'often', 'spirit' => '1e9'])->json('problems'))
        ->toHaveKeys(['sockEvery', 'spirit']);
});

it('lets nobody else look, learn or foresee', function (): void {
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    foreach (['ledger', 'forecast'] as $page) {
        $this->get("/systems/1/{$page}")->assertNotFound();
    }
    $this->postJson('/systems/1/forecast/preview')->assertNotFound();
    expect(DB::table('nutrient_fits')->count())->toBe(0);
});

it('reads levers in the units of the keeper', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $this->keeper->forceFill(['units' => 'us'])->save();
    $levers = $this->get('/systems/1/forecast')->inertiaProps('levers');
    // The demo changes 22 to 24 L: 5.8 to 6.3 US gallons.
    expect((float) $levers['waterLitres'])->toBeGreaterThan(5.7)->toBeLessThan(6.4);
    $answer = $this->postJson('/systems/1/forecast/preview', ['levers' => $levers, 'weeks' => 12])
        ->assertOk()->json('view');
    expect($answer['workload']['other']['waterLitres'])->toEqualWithDelta(22.7 * 52, 50);
});

it('advises one step at a time towards the target, and leaves alone what stands right', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $counsel = fn (string $school): ?array => tap($this->put('/systems/1/target', ['school' => $school]))
        ->assertSessionHasNoErrors() !== null
        ? $this->get('/systems/1/forecast')->inertiaProps('counsel')
        : null;
    expect($counsel('')['advice'])->toBeNull()
        ->and($counsel('balanced')['advice'])->toMatchArray(['state' => 'within', 'steps' => []])
        // The GFO of the demo wears out: that phosphate will leave the band is said.
        ->and($counsel('balanced')['advice']['sentence'])->toContain('phosphate may leave it within twelve weeks');
    $low = $counsel('very-low')['advice'];
    expect($low['state'])->toBe('too high')
        ->and(array_column($low['steps'], 'key')[0])->toBe('sock')
        ->and(array_column($low['steps'], 'key'))->toContain('feed')->not->toContain('gfo')
        // That the charge is exhausted is only likely.
        ->and($counsel('very-low')['exhausted'])->toBe([]);
    foreach ($low['steps'] as $step) {
        preg_match('~^about ([\d.]+) ppm \(([\d.]+) to ([\d.]+)\)$~', $step['expected']['po4'], $says);
        [, $level, $least, $most] = array_map(floatval(...), $says);
        expect($least)->toBeLessThanOrEqual($level)->and($most)->toBeGreaterThanOrEqual($level)
            ->and($step['watch'])->not->toBe('');
        // What is advised can be tried as it stands.
        $tried = $this->postJson('/systems/1/forecast/preview', [
            'levers' => [...$this->get('/systems/1/forecast')->inertiaProps('levers'), ...$step['levers']],
            'weeks' => $step['weeks'],
        ])->assertOk()->json('view');
        expect(end($tried['other']['po4'])[1])->toEqualWithDelta($level, 0.1 * $level + 0.003);
    }
    // What was tried here before stands beside the step, with what it did.
    expect(array_column($low['steps'], 'tried', 'key')['feed'])->toBe([]);
    // A change of the last four weeks is waited for.
    (new Journal($this->system))->record([
        new Entry(now()->subDays(9)->toDateTimeImmutable(), SkimmerSwitch::of(false)),
        new Entry(now()->subDays(8)->toDateTimeImmutable(), SkimmerSwitch::of(true)),
    ], User::query()->firstOrFail());
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $later = $counsel('very-low')['advice'];
    expect($later['steps'])->toBe([])->and($later['waits'])->toContain('Skimmer on')->toContain('Wait until');
});

it('says at its stop whether the sock helps and since when the skimmer is off', function (): void {
    $stop = fn (string $item): array => $this->getJson("/systems/1/stops/{$item}")->assertOk()->json();
    $path = $this->system->setupAt(now())->path;
    $of = fn (Kind $kind): string => $path->itemsOf($kind)[0]->id;
    // Nothing is learned yet, and that is said.
    expect($stop($of(Kind::Sock))['sock']['curve'])->toBeNull()
        ->and($stop($of(Kind::Sock))['sock']['missing']['sentence'])->toContain('has not learned');
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $sock = $stop($of(Kind::Sock))['sock']['curve'];
    expect($sock['verdict'])->toBe('helping');
    $shares = array_map(fn (array $point): float => $point[2][0], $sock['points']);
    expect($shares[0])->toBeGreaterThan(end($shares));
    foreach ($sock['points'] as [, $nitrate, $phosphate]) {
        foreach ([$nitrate, $phosphate] as [$middle, $low, $high]) {
            expect($low)->toBeLessThanOrEqual($middle)->and($high)->toBeGreaterThanOrEqual($middle);
        }
    }
    $skimmer = $stop($of(Kind::Skimmer));
    expect($skimmer['sock'])->toBeNull()
        ->and($skimmer['skimmer']['offSince'])->toBeNull()
        ->and(array_column($skimmer['skimmer']['foams'], 'key'))
        ->toBe(['dry', 'wet', 'empty', 'boiling', 'overflowing']);
    $this->post('/systems/1/journal', ['line' => 'skimmer off 2026-11-20 09:00'])->assertSessionHasNoErrors();
    expect($stop($of(Kind::Skimmer))['skimmer']['offSince'])->toBeGreaterThan(1_700_000_000);
    expect($stop('nothing'))->toHaveKeys(['missing'])->not->toHaveKey('sock');
});

it('goes on from the past as it really went', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/forecast?ago=8')->assertOk()->inertiaProps('levers');
    $ask = fn (array $with): array => $this->postJson('/systems/1/forecast/preview', [
        'levers' => [...$levers, ...$with], 'weeks' => 8, 'ago' => 8,
    ])->assertOk()->json('view');
    $same = $ask([]);
    expect($same['other'])->toBe($same['present']);
    // The reading of today is what became of it.
    $read = $this->get('/systems/1/forecast')->inertiaProps('past');
    $last = array_values(array_filter($read, fn (array $one): bool => $one[1] === 'no3'));
    [, $level, $low, $high] = end($same['present']['no3']);
    expect(end($last)[2])->toBeGreaterThan(0.8 * $low)->toBeLessThan(1.2 * $high);
    expect(end($ask(['feedTimes' => '2'])['other']['no3'])[1])->toBeGreaterThan(1.2 * $level);
});

it('compares media in a reactor and in a bag, as the forecast of each would tell it', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/forecast')->inertiaProps('levers');
    $ask = fn (string $what, array $with = []): array => $this->postJson("/systems/1/forecast/{$what}", [
        'levers' => [...$levers, ...$with], 'weeks' => 12,
    ])->assertOk()->json('view');
    $media = $ask('media/preview');
    expect(array_column($media['rows'], 'medium'))->toContain('gfo', 'alumina', 'resin')
        ->and($media['none'])->toBe($ask('preview')['ends']['present']['po4'])
        ->and($media['typed'])->toBeFalse()
        ->and($media['unknown'])->toContain('Unlisted medium');
    foreach ($media['rows'] as $row) {
        expect(array_column($row['places'], 'place'))->toBe(['reactor', 'bag']);
        foreach ($row['places'] as $one) {
            // What is compared is what the settings themselves lead to.
            $tried = $ask('preview', $one['levers']);
            expect($one['says'])->toBe($tried['ends']['other']['po4'])
                ->and($one['doubt'])->toBe($tried['doubts'][0] ?? null);
        }
    }
    // An amount that was typed goes for all of them, with the other settings as they are set.
    $typed = $ask('media/preview', ['mediaGrams' => '30', 'feedTimes' => '1.5']);
    expect($typed['typed'])->toBeTrue()
        ->and(array_unique(array_column($typed['rows'], 'amount')))->toBe(['30 g'])
        ->and($typed['none'])->toBe($ask('preview', ['feedTimes' => '1.5'])['ends']['other']['po4']);
    expect($this->postJson('/systems/1/forecast/media/preview', ['levers' => [...$levers, 'mediaGrams' => 'much']])
        ->assertOk()->json('problems.mediaGrams'))->toBeString();
});

it('says beside a verdict what the model expected of the change', function (): void {
    $verdict = fn (): array => $this->get('/systems/1/journal?change='
        .$this->get('/systems/1/journal')->inertiaProps('picked'))->inertiaProps('verdict');
    expect($verdict()['expected'])->toBeNull();
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $expected = $verdict()['expected'];
    // The GFO of the demo takes phosphate; algae that lack it leave some nitrate.
    expect($expected['po4'])->toBeLessThan(-0.1)->toBeGreaterThan(-3.0)
        ->and($expected['no3'])->toBeGreaterThan(-0.5);
});

it('goes back some weeks to say what would have been', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $page = $this->get('/systems/1/forecast?ago=8')->assertOk();
    expect($page->inertiaProps('now'))->toBe(now()->subWeeks(8)->getTimestamp())
        ->and($page->inertiaProps('counsel'))->toBeNull()
        ->and($this->get('/systems/1/forecast?ago=7')->inertiaProps('ago'))->toBe(0);
    $ask = fn (array $with): array => $this->postJson('/systems/1/forecast/preview', [
        'levers' => [...$page->inertiaProps('levers'), ...$with],
        'weeks' => 8,
        'ago' => 8,
    ])->assertOk()->json('view');
    $view = $ask([]);
    // The GFO was not there yet eight weeks ago, and phosphate stood higher than it does now.
    expect($view['present']['po4'][0][1])->toBeGreaterThan(0.09)
        ->and(end($ask(['feedTimes' => '2'])['other']['no3'])[1])->toBeGreaterThan(end($view['present']['no3'])[1]);
});

it('keeps a course with what was foreseen of it, makes it the plan, and says later how it came', function (): void {
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/forecast')->inertiaProps('levers');
    $this->post('/systems/1/forecast/courses', ['name' => ' ', 'levers' => $levers])
        ->assertSessionHasErrors(['name' => 'Call the course something of at most 80 characters.']);
    $this->post('/systems/1/forecast/courses', ['name' => 'Less food', 'levers' => [...$levers, 'feedTimes' => '0.8']])
        ->assertSessionHasNoErrors();
    $this->post('/systems/1/forecast/courses', ['name' => 'As now', 'levers' => $levers])->assertSessionHasNoErrors();
    $courses = fn (): array => $this->get('/systems/1/forecast')->inertiaProps('courses');
    [$asNow, $less] = $courses();
    expect($less['levers']['feedTimes'])->toBe('0.8')
        ->and(end($less['foreseen']['no3'])[1])->toBeLessThan(end($asNow['foreseen']['no3'])[1]);
    $this->post("/systems/1/forecast/courses/{$less['id']}/plan")->assertSessionHas('flash.message');
    $this->post("/systems/1/forecast/courses/{$asNow['id']}/plan");
    expect(array_column($courses(), 'isPlan'))->toBe([true, false])
        ->and($courses()[0]['scores'])->toBe([]);
    $this->travelTo('2026-12-05 12:00:00');
    foreach (['2026-11-28', '2026-12-01', '2026-12-04'] as $day) {
        $this->post('/systems/1/journal', ['line' => "{$day} no3 8.5 po4 0.07"])->assertSessionHasNoErrors();
    }
    // What was foreseen then stays as it was.
    expect($courses()[0]['foreseen'])->toBe($asNow['foreseen'])
        ->and($courses()[0]['scores']['no3'])->toMatchArray(['readings' => 3, 'within' => 3])
        // One that is no plan is held beside the readings too.
        ->and($courses()[1]['isPlan'])->toBeFalse()
        ->and($courses()[1]['scores']['no3'])->toMatchArray(['readings' => 3]);
    $this->delete("/systems/1/forecast/courses/{$less['id']}");
    expect($courses())->toHaveCount(1);
    $this->post("/systems/1/forecast/courses/{$less['id']}/restore");
    expect($courses())->toHaveCount(2);
});
