<?php

declare(strict_types=1);

use App\Jobs\LearnTank;
use App\Journal\Learning;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    config(['queue.default' => 'database']);
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstOrFail());
    $this->log = fn (string $line) => $this->post('/systems/1/journal', ['line' => $line])->assertSessionHasNoErrors();
    $this->jobs = fn (): int => DB::table('jobs')->count();
    $this->work = fn () => $this->artisan('queue:work', ['--once' => true, '--stop-when-empty' => true]);
});

it('queues one job for the writes of a while, and none for what is only typed', function (): void {
    $this->postJson('/systems/1/journal/understand', ['line' => 'no3 8'])->assertOk();
    $this->postJson('/systems/1/media/dose/preview', ['medium' => 'gfo', 'where' => 'bag'])->assertOk();
    expect(($this->jobs)())->toBe(0);
    ($this->log)('no3 8 po4 0.06');
    ($this->log)('sock changed');
    $this->put('/systems/1/assumptions/skimmer-share', ['overlay' => ['value' => '25', 'reason' => 'small']]);
    expect(($this->jobs)())->toBe(1);
    // It waits until the writes have settled.
    ($this->work)();
    expect(($this->jobs)())->toBe(1);
    $this->travel(20)->seconds();
    ($this->work)();
    expect(($this->jobs)())->toBe(0);
    $this->get('/systems/1/ledger')->assertOk();
    $learning = $this->get('/systems/1/media')->inertiaProps('learning');
    expect($learning['isCurrent'])->toBeTrue()->and($learning['madeAt'])->toBeGreaterThan(0)
        ->and($learning['problem'])->toBeNull()
        ->and(($this->jobs)())->toBe(0);
    ($this->log)('no3 8.25');
    expect(($this->jobs)())->toBe(1);
});

it('learns on a visit what no write asked for, as after a copy was put back', function (string $page): void {
    $this->get("/systems/1/{$page}")->assertOk();
    expect(($this->jobs)())->toBe(1);
})->with(['ledger', 'media', 'forecast']);

it('says when learning failed, and tries again with the next entry', function (): void {
    ($this->log)('no3 8');
    (new LearnTank(1))->failed(null);
    $learning = $this->get('/systems/1/ledger')->inertiaProps('learning');
    expect($learning['problem'])->toContain('Learning failed three times')
        // What is queued goes on.
        ->and(($this->jobs)())->toBe(1);
    LearnTank::dispatchSync(1);
    expect($this->get('/systems/1/ledger')->inertiaProps('learning')['problem'])->toBeNull();
});

it('does not ask again for a journal that is too short', function (): void {
    $nano = System::query()->latest('id')->firstOrFail();
    LearnTank::dispatchSync($nano->id);
    (new Learning($nano->fresh()))->wanted(0);
    expect(($this->jobs)())->toBe(0)
        ->and($this->get("/systems/{$nano->id}/ledger")->inertiaProps('learning.problem'))->toContain('No reading');
});

it('learns every tank by one command, and those alone that need it', function (): void {
    $this->artisan('ithys:learn')->assertSuccessful();
    $made = DB::table('nutrient_fits')->value('made_at');
    $this->travel(5)->minutes();
    $this->artisan('ithys:learn')->assertSuccessful();
    expect(DB::table('nutrient_fits')->value('made_at'))->toBe($made);
});
