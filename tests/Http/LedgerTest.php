<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

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

it('learns from the readings, keeps that, and learns anew once something is logged', function (): void {
    $before = ($this->ledger)();
    expect($before['fitIsCurrent'])->toBeFalse()->and($before['learned'])->toBe([]);
    $this->post('/systems/1/ledger/learn')->assertSessionHasNoErrors();
    $after = ($this->ledger)();
    expect($after['fitIsCurrent'])->toBeTrue()
        ->and($after['learned'])->toHaveCount(10)
        ->and($after['residuals'])->not->toBe([])
        // The demo feeds more than its readings show; the ledger follows them.
        ->and($after['elements'][0]['in'][0]['mg'])->toBeLessThan($before['elements'][0]['in'][0]['mg']);
    $this->post('/systems/1/journal', ['line' => 'no3 7.5 po4 0.06'])->assertSessionHasNoErrors();
    $later = ($this->ledger)();
    expect($later['fitIsCurrent'])->toBeFalse()
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
    $this->post("/systems/{$nano->id}/ledger/learn")
        ->assertSessionHasErrors(['fit' => $ledger['missing']['sentence']]);
    expect($this->get("/systems/{$nano->id}/foresee")->inertiaProps('missing.line'))->toBe('no3 8.5 po4 0.06');
    $this->postJson("/systems/{$nano->id}/foresee/preview", ['levers' => []])->assertStatus(409);
});

it('foresees the present course and another', function (): void {
    expect($this->get('/systems/1/foresee')->inertiaProps('missing.sentence'))->toContain('Nothing is learned');
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $levers = $this->get('/systems/1/foresee')->assertOk()->inertiaProps('levers');
    expect($levers['sockEvery'])->toBeGreaterThan(2)->and($levers['skimmerOn'])->toBeTrue();
    $ask = fn (array $with, int $weeks = 12) => $this->postJson('/systems/1/foresee/preview', [
        'levers' => [...$levers, ...$with],
        'weeks' => $weeks,
    ]);
    $same = $ask([])->assertOk()->json();
    expect($same['present']['no3'])->toHaveCount(25)
        // Levers as they stand differ by their rounding alone.
        ->and(end($same['other']['no3'])[1])->toEqualWithDelta(end($same['present']['no3'])[1], 0.3);
    $more = $ask(['feedTimes' => '2', 'sockEvery' => ''])->assertOk()->json();
    expect(end($more['other']['no3'])[1])->toBeGreaterThan(1.5 * end($more['present']['no3'])[1])
        ->and($more['workload']['other']['socks'])->toBe(0)
        ->and($more['workload']['present']['socks'])->toBeGreaterThan(50)
        ->and($ask([], 52)->json('present.no3'))->toHaveCount(105);
    $ask(['feedTimes' => '-1'])->assertJsonValidationErrors(['levers.feedTimes' => 'Feeding must be from 0 to 5.']);
    $ask(['sockEvery' => 'often'])->assertJsonValidationErrors(['levers.sockEvery']);
    $ask(['spirit' => '1e9'])->assertJsonValidationErrors(['levers.spirit']);
});

it('lets nobody else look, learn or foresee', function (): void {
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    foreach (['ledger', 'foresee'] as $page) {
        $this->get("/systems/1/{$page}")->assertNotFound();
    }
    $this->post('/systems/1/ledger/learn')->assertNotFound();
    $this->postJson('/systems/1/foresee/preview')->assertNotFound();
    expect(DB::table('nutrient_fits')->count())->toBe(0);
});
