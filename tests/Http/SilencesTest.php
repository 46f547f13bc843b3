<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstOrFail());
});

it('asks on the forecast and in the ledger whether a routine goes on that is silent', function (): void {
    $titles = fn (array $findings): array => array_column($findings, 'title');
    expect($this->get('/systems/1/foresee')->inertiaProps('silences'))->toBe([]);
    DB::table('entries')->where('system_id', 1)->whereIn('kind', ['feed', 'feed-plan'])
        ->where('occurred_at', '>', now()->subDays(30))->delete();
    // An entry that stamps the tank, so that nothing kept is shown.
    $this->post('/systems/1/journal', ['line' => 'note away'])->assertSessionHasNoErrors();
    $silences = $this->get('/systems/1/foresee')->inertiaProps('silences');
    expect($titles($silences))->toBe(['Feeding: still the same?'])
        ->and($silences[0]['fix'])->toContain('Log what you feed')
        ->and($titles($this->get('/systems/1/ledger')->inertiaProps('ledger.remarks')))
        ->toContain('Feeding: still the same?');
    $this->post('/systems/1/journal', ['line' => 'feeding plan 1 g pellet a day'])->assertSessionHasNoErrors();
    expect($this->get('/systems/1/foresee')->inertiaProps('silences'))->toBe([]);
});
