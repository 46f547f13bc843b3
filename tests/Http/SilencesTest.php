<?php

declare(strict_types=1);

use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Ithys\History\Rate;
use Ithys\Journal\RoutineWord\Repeated;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstOrFail());
});

it('asks on the forecast and in the ledger whether a routine goes on that is silent', function (): void {
    $titles = fn (array $findings): array => array_column($findings, 'title');
    expect($this->get('/systems/1/forecast')->inertiaProps('silences'))->toBe([]);
    DB::table('entries')->where('system_id', 1)->whereIn('kind', ['feed', 'feed-plan'])
        ->where('occurred_at', '>', now()->subDays(30))->delete();
    // An entry that stamps the tank, so that nothing kept is shown.
    $this->post('/systems/1/journal', ['line' => 'note away'])->assertSessionHasNoErrors();
    $silences = $this->get('/systems/1/forecast')->inertiaProps('silences');
    expect($titles(array_column($silences, 'finding')))->toBe(['Feeding: still the same?'])
        ->and($silences[0]['finding']['fix'])->toContain('“feeding as before”')
        ->and($titles($this->get('/systems/1/ledger')->inertiaProps('ledger.remarks')))
        ->toContain('Feeding: still the same?');
    $this->post('/systems/1/journal', ['line' => $silences[0]['same']])->assertSessionHasNoErrors();
    $goes = fn (): ?Rate => TankRoutines::of(System::query()->findOrFail(1), now()->toDateTimeImmutable())
        ->at(Repeated::Feeding, now()->toDateTimeImmutable());
    expect($this->get('/systems/1/forecast')->inertiaProps('silences'))->toBe([])
        ->and($goes()?->perDay)->toBeGreaterThan(2.0);
    $this->post('/systems/1/journal', ['line' => $silences[0]['stopped']])->assertSessionHasNoErrors();
    expect($goes()?->perDay)->toBe(0.0)
        ->and($this->get('/systems/1/forecast')->inertiaProps('silences'))->toBe([]);
});
