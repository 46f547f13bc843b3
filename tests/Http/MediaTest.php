<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Ithys\Journal\MediaCharge\MediaCharge;

beforeEach(function (): void {
    $this->travelTo('2026-11-25 12:00:00');
    $this->seed(DemoSeeder::class);
    $this->system = System::query()->oldest('id')->firstOrFail();
    $this->actingAs(User::query()->firstOrFail());
    $this->learn = fn () => (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $this->view = fn (): array => $this->get('/systems/1/media')->assertOk()->inertiaProps('view');
    $this->log = fn (string $line) => $this->post('/systems/1/journal', ['line' => $line])->assertSessionHasNoErrors();
    $this->dose = fn (array $with): array => $this->postJson('/systems/1/media/dose/preview', [
        'medium' => 'gfo', 'where' => 'gfo', 'amount' => '', 'unit' => 'g', 'level' => '0.05', 'days' => '60', ...$with,
    ])->assertOk()->json();
});

it('follows what is in place, by the journal alone and then by what was learned', function (): void {
    $view = ($this->view)();
    expect(array_column($view['charges'], 'label'))->toBe(['GFO', 'Activated carbon'])
        ->and($view['charges'][0]['life'])->toBeNull()
        ->and($view['charges'][0]['unfollowed'])->toContain('has not calculated this charge yet');
    ($this->learn)();
    [$gfo, $carbon] = ($this->view)()['charges'];
    // 85 g in 35 days, by the model of the demo: some hundred mg, and nearly spent.
    expect($gfo['life']['held'][0])->toBeGreaterThan(100.0)->toBeLessThan(12.0 * 85)
        ->and($gfo['life']['heldPpm'][0])->toEqualWithDelta($gfo['life']['held'][0] / 285, 0.02)
        ->and($gfo['life']['loading'])->toEqualWithDelta($gfo['life']['held'][0] / 85, 1e-6)
        ->and($gfo['calendar']['days'])->toEqual(45)
        ->and($carbon['life']['condition'])->toBe('working')
        ->and($carbon['clarity'])->toContain('score: 0 in');
    // The stop of the water line and the bar of the tide sheet show the same.
    $stops = $this->get('/systems/1/media')->inertiaProps('frame')['path']['stops'];
    $left = array_column($stops, 'left', 'id');
    // Of the days to its likely end.
    expect(array_column($stops, 'severity', 'id')['carbon'])->toBeNull()
        ->and($left['carbon'])->toBeGreaterThanOrEqual(60)->toBeLessThan(100)
        ->and($left['sock'] ?? null)->toBeNull();
    $courses = (array) $this->get('/systems/1/journal')->inertiaProps('courses');
    expect(end($courses[$gfo['entry']])[1])->toEqualWithDelta($gfo['life']['share'][0] / 100, 0.006);
});

it('marks the stop of a charge that is surely spent', function (): void {
    ($this->learn)();
    $this->travel(120)->days();
    foreach ([30, 20, 10, 1] as $ago) {
        ($this->log)("no3 8 po4 0.15 {$ago} days ago");
    }
    ($this->log)('feeding plan 2.6 g pellet a day');
    ($this->learn)();
    $gfo = array_column(($this->view)()['charges'], null, 'medium')['gfo']['life'];
    $stops = $this->get('/systems/1/media')->inertiaProps('frame')['path']['stops'];
    $reactor = array_column($stops, 'branches', 'id')['return'][0]['stops'][0];
    expect($gfo['condition'])->toBe('exhausted')
        ->and([$reactor['id'], $reactor['severity'], $reactor['left']])->toEqual(['gfo', 'caution', 0])
        // The advice says so before anything else.
        ->and($this->get('/systems/1/forecast')->inertiaProps('counsel')['exhausted'][0])
        ->toContain('GFO 85 g, GFO reactor is exhausted')
        ->and(array_column($this->get('/systems/1/journal')->inertiaProps('alerts'), 'title'))
        ->toContain('GFO 85 g, GFO reactor is exhausted');
});

it('changes, tops up and takes out, and keeps what went before', function (): void {
    ($this->log)('gfo 90 g in gfo reactor sure because the old one clumped');
    $charges = ($this->view)()['charges'];
    expect(array_column($charges, 'amount'))->toBe(['90 g', '85 g', '60 g'])
        ->and($charges[0]['to'])->toBeNull()
        ->and($charges[1]['to'])->not->toBeNull();
    ($this->log)('gfo 20 g in gfo reactor top up sure because it sank');
    expect(array_filter(($this->view)()['charges'], fn (array $one): bool => $one['to'] === null))->toHaveCount(3);
    ($this->log)('gfo out');
    expect(array_values(array_column(array_filter(
        ($this->view)()['charges'],
        fn (array $one): bool => $one['to'] === null,
    ), 'label')))->toBe(['Activated carbon']);
    ($this->log)('activated carbon 60 g for 3 days yesterday');
    ($this->learn)();
    expect(array_filter(array_column(($this->view)()['charges'], 'meant')))->toEqual([2 => 3.0]);
});

it('shows what each school of carbon would say, and keeps the one picked', function (): void {
    $schools = array_column(($this->view)()['schools'], null, 'key');
    expect($schools['never']['says'])->toBe('Take it out, or give it an end.')
        ->and($schools['month']['says'])->toBe('Overdue.')
        ->and($schools['quarter']['says'])->toBe('Due.')
        ->and($schools['never']['cost'])->toEqual(0)
        // 60 g at 0.03 a gram, every 10.5 days.
        ->and($schools['fortnight']['cost'])->toEqual(round(60 * 0.03 * 365 / 10.5));
    $this->put('/systems/1/media/school', ['school' => 'month'])->assertSessionHasNoErrors();
    $view = ($this->view)();
    expect($view['school'])->toBe('month')->and($view['charges'][1]['calendar']['days'])->toEqual(30);
    $this->put('/systems/1/media/school', ['school' => 'hourly'])->assertSessionHasErrors('school');
});

it('doses by four roads, in any measure, and logs what goes in with its reason', function (): void {
    $before = ($this->dose)([])['view'];
    expect(array_column($before['roads'], 'title'))
        ->toBe(['By the water of the tank', 'By budget', 'By what fits', 'As last time', 'By a gentle fall'])
        // What the guard would refuse says so before it is taken; what keeps to the limit has nothing against it.
        ->and($before['roads'][0]['doubt']['sentence'])->toContain('would lower phosphate')
        ->and($before['roads'][4]['doubt'])->toBeNull()
        ->and($before['roads'][1]['grams'])->toBeGreaterThan(1.0)
        ->and($before['roads'][1]['assumes'])->toContain('first portion')
        ->and($before['roads'][3]['grams'])->toEqual(85);
    ($this->learn)();
    $dosed = ($this->dose)(['amount' => '150'])['view'];
    $end = fn (array $series, int $days): float => array_column($series, 1, 0)[$days];
    expect($end($dosed['series']['other']['po4'], 56))
        ->toBeLessThan(0.8 * $end($dosed['series']['present']['po4'], 56))
        ->and($dosed['contact'])->toContain('180 L/h')
        ->and($dosed['firstUse'])->toBeNull();
    expect($before['roads'][3]['assumes'])->not->toContain('It removed')
        ->and($dosed['roads'][3]['assumes'])->toContain('It removed ')
        ->and($dosed['company'])->toBe([])
        // Alumina beside carbon in one bag.
        ->and(implode(' ', array_column(
            ($this->dose)(['medium' => 'alumina', 'where' => 'carbon', 'amount' => '20'])['view']['doubts'],
            'sentence',
        )))->toContain('Carbon bag holds Activated carbon 60 g');
    // A cup is a cup, and a scoop the keeper's own.
    $cups = ($this->dose)(['amount' => '1', 'unit' => 'cups'])['view']['amounts'];
    expect($cups[0][1])->toBe('142 g')->and($cups[2][1])->toBe('1');
    // Far too much at once.
    $much = ($this->dose)(['amount' => '2500'])['view'];
    expect($much['doubts'][0]['answer'])->toBe('refuse')
        ->and(implode(' ', array_column($much['doubts'], 'sentence')))->toContain('It does not fit')
        ->toContain('At most')
        ->and($much['fall'])->toContain('The limit at');
    expect(($this->dose)(['medium' => 'alumina', 'where' => 'bag', 'amount' => '300'])['view']['firstUse'])
        ->toContain('start with 50 %');
    expect(($this->dose)(['amount' => 'lots'])['problems'])->toHaveKey('amount')
        ->and(($this->dose)(['amount' => '-5'])['problems'])->toHaveKey('amount');
    $this->post('/systems/1/media', [
        'medium' => 'alumina', 'where' => 'carbon', 'amount' => '1', 'unit' => 'cups', 'prepared' => 'drained 20 min',
        'maker' => '3 cups', 'because' => 'first use', 'stay' => '', 'topUp' => false, 'sure' => true,
    ])->assertSessionHasNoErrors()->assertRedirect('/systems/1/media');
    $now = now()->toDateTimeImmutable();
    $entries = (new Journal($this->system))->between($now->modify('-1 hour'), $now);
    $last = end($entries);
    expect($last->payload)->toBeInstanceOf(MediaCharge::class)
        ->and($last->payload->grams)->toEqualWithDelta(236.588 * 0.7, 0.1)
        ->and($last->payload->itemName)->toBe('Carbon bag')
        ->and($last->note)->toBe('Made ready: drained 20 min. The maker says: 3 cups. Otherwise because: first use.');
    // What is asked about goes in only with a tick and a reason, and what is refused not at all.
    $asked = ['medium' => 'gfo', 'where' => 'gfo', 'amount' => '60'];
    foreach ([[], ['sure' => true], ['because' => 'high phosphate']] as $short) {
        $this->post('/systems/1/media', [...$asked, ...$short])->assertSessionHasErrors('amount');
    }
    expect(session('errors')->first('amount'))->toContain('tick so and write why');
    $this->post('/systems/1/media', [...$asked, 'sure' => true, 'because' => 'high phosphate'])
        ->assertSessionHasNoErrors();
    $this->post('/systems/1/media', [...$asked, 'amount' => '2500', 'sure' => true, 'because' => 'x'])
        ->assertSessionHasErrors('amount');
    expect(session('errors')->first('amount'))->toContain('If it went in already, log it with L.');
    $this->post('/systems/1/media', ['medium' => 'gfo', 'where' => 'gfo', 'amount' => ''])
        ->assertSessionHasErrors(['amount' => 'Enter how much goes in.']);
});

it('ramps organic carbon, and steps back by what is read', function (): void {
    ($this->learn)();
    $view = fn (): array => $this->get('/systems/1/media/organic?source=vinegar')->assertOk()->inertiaProps('view');
    $first = $view();
    expect($first['stops'])->toBe([])
        ->and($first['doses'][0])->toEqualWithDelta($first['doses'][7] / 8, 1e-9)
        ->and($first['sources'][0]['equal'])->toEqualWithDelta(8.25, 1e-9)
        ->and(end($first['series']['other']['no3'])[1])->toBeLessThan(end($first['series']['present']['no3'])[1]);
    // It leads below the target of the demo: that is said, and wants a tick.
    expect($first['below'])->toContain('below your target of 3 ppm');
    $this->post('/systems/1/media/ramp', ['source' => 'vinegar'])->assertSessionHasErrors('source');
    $this->post('/systems/1/media/ramp', ['source' => 'vinegar', 'sure' => true])->assertSessionHasNoErrors();
    $this->travel(15)->days();
    // Nothing was read since, and nothing given: nothing is dosed.
    expect($view()['under'])->toMatchArray(['week' => 3, 'dose' => 0, 'line' => null])
        ->and($view()['under']['says'])->toContain('Do not start yet');
    ($this->log)('no3 6 po4 0.06');
    // Two weeks of the ramp went by without a dose: it begins with the first.
    expect($view()['under']['dose'])->toEqualWithDelta($first['doses'][0], 1e-9);
    ($this->log)((string) $view()['under']['line']);
    $this->travel(1)->days();
    expect($view()['under']['dose'])->toEqualWithDelta($first['doses'][1], 0.01);
    ($this->log)('no3 0.1 po4 0.06');
    $under = $view()['under'];
    expect($under['dose'])->toEqualWithDelta($first['doses'][0] / 2, 0.01)
        ->and($under['says'])->toContain('Halve the last dose you gave')->toContain('at zero');
    ($this->log)((string) $under['line']);
    // At nought no new ramp begins; nor where nothing was read.
    $this->post('/systems/1/media/ramp', ['source' => 'spirit'])->assertSessionHasErrors('source');
    $this->delete("/systems/1/media/ramp/{$under['id']}")->assertSessionHasNoErrors();
    expect($view()['under'])->toBeNull();
    $this->delete("/systems/1/media/ramp/{$under['id']}")->assertNotFound();
    $this->travel(30)->days();
    $this->post('/systems/1/media/ramp', ['source' => 'spirit'])->assertSessionHasErrors('source');
});

it('warns before more than a third of the bio media goes, and asks for ammonia before zeolite', function (): void {
    $parts = fn (): array => $this->get('/systems/1/media/others')->assertOk()->inertiaProps('parts');
    [$zeolite, $biological, $lanthanum] = $parts();
    expect($zeolite['says'][0])->toContain('Read ammonia first')
        ->and($zeolite['caution'])->toContain('cat-litter')
        ->and($biological['log']['isOpen'])->toBeTrue()
        ->and($lanthanum['says'][0])->toContain('no higher than');
    ($this->log)($biological['log']['line']);
    ($this->log)('nh4 0.5');
    [$zeolite, $biological] = $parts();
    expect($zeolite['says'][0])->toContain('harms fish')
        ->and($biological['log']['isOpen'])->toBeFalse()
        ->and($biological['says'][0])->toContain('33 % was renewed');
    // A second third within the months is asked about, and goes through only when it is meant.
    $this->post('/systems/1/journal', ['line' => 'renewed a third of the bio media'])->assertSessionHasErrors('line');
    ($this->log)('renewed a third of the bio media sure');
    // Phosphate high, and no fine sock on the path: no lanthanum.
    ($this->log)('po4 0.5');
    expect($parts()[2]['says'][0])->toContain('no sock or roller of 25 micron');
});

it('tries ozone on a stand-in, and refuses it without a probe', function (): void {
    $settings = $this->get('/systems/1/media/ozone')->assertOk()->inertiaProps('settings');
    $try = fn (array $with): array => $this->postJson('/systems/1/media/ozone/preview', [...$settings, ...$with])
        ->assertOk()->json();
    $safe = ['hasProbe' => true, 'hasRatedSkimmer' => true, 'cleansExhaust' => true];
    expect($try([])['problems']['ozone'])->toContain('without an ORP probe')
        ->and($try([...$safe, 'offAt' => '390'])['problems']['ozone'])->toContain('flutters')
        ->and($try([...$safe, 'output' => 'much'])['problems'])->toHaveKey('output');
    $run = $try([...$safe, 'from' => '0', 'hours' => '24', 'output' => '20'])['view'];
    expect($run['highest'])->toBeGreaterThan(405)->toBeLessThan(420)
        ->and($run['minutes'])->toBeGreaterThan(0)->toBeLessThan(2880)
        ->and($run['series'])->toHaveCount(577);
});

it('takes nothing to be known of an unlisted medium until its keeper says it', function (): void {
    ($this->log)('unlisted medium 100 g reactor 9 days ago sure because it is a trial');
    ($this->learn)();
    $unlisted = fn (): array => array_column(($this->view)()['charges'], null, 'medium')['unlisted'];
    expect($unlisted()['life'])->toBeNull()->and($unlisted()['unfollowed'])->toContain('does not know what it holds')
        ->and(($this->dose)(['medium' => 'unlisted'])['view']['roads'][1]['assumes'])
        ->toContain('does not know what it holds');
    $this->put('/systems/1/assumptions/unlisted-most', ['overlay' => ['value' => '10', 'reason' => 'its maker']])
        ->assertSessionHasNoErrors();
    ($this->learn)();
    expect($unlisted()['life']['held'][0])->toBeGreaterThan(0.0)
        ->and($unlisted()['life']['takesWhat'])->toBe('phosphate')
        ->and(($this->dose)(['medium' => 'unlisted', 'where' => 'gfo'])['view']['roads'][1]['grams'])
        ->toBeGreaterThan(0.0);
});

it('lets nobody in who does not belong', function (): void {
    $this->actingAs(User::factory()->create());
    foreach (['charges', 'media/dose', 'media/organic', 'media/others', 'media/ozone'] as $page) {
        $this->get("/systems/1/{$page}")->assertNotFound();
    }
});

it('leads old addresses to where the pages are now', function (): void {
    $this->get("/systems/{$this->system->id}/foresee")->assertRedirect("/systems/{$this->system->id}/forecast");
    $this->get("/systems/{$this->system->id}/charges")->assertRedirect("/systems/{$this->system->id}/media");
    $this->get("/systems/{$this->system->id}/charges/dose")->assertRedirect("/systems/{$this->system->id}/media/dose");
});
