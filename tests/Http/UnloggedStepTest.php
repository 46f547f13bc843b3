<?php

declare(strict_types=1);

use App\Models\System;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

/** Nitrate of the demo as another kit shows it, or after a big water change, from so many days ago on. */
function stepUnlogged(System $system, int $daysAgo, float $times): void
{
    DB::table('entries')->where('system_id', $system->id)->where('kind', 'reading')
        ->where('occurred_at', '>', now()->subDays($daysAgo)->toDateTimeString())
        ->where('payload->parameter', 'no3')
        ->update(['payload' => DB::raw(
            "json_set(payload, '$.value', round({$times} * json_extract(payload, '$.value'), 1))",
        )]);
}

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->system = System::query()->where('name', 'Stairwell reef')->sole();
    $this->actingAs($this->system->members()->sole());
});

it('names a step that nobody logged, and takes what it was as one line of the log', function (): void {
    stepUnlogged($this->system, 20, 0.4);
    $journal = "/systems/{$this->system->id}/journal";
    $change = $this->get($journal)->inertiaProps('picked');
    $nitrate = fn (): array => array_column(
        $this->get("{$journal}?change={$change}")->assertOk()->inertiaProps('verdict')['judgements'],
        null,
        'parameter',
    )['no3'];
    $before = $nitrate();
    expect($before['unlogged']['water'])->toMatch('~^\d{4}-\d\d-\d\d \d\d:\d\d water change 5\d %$~')
        ->and($before['sentence'])->toContain('the journal does not say why');

    $this->post($journal, ['line' => $before['unlogged']['kit']])->assertSessionHasNoErrors();
    $after = $nitrate();
    // Readings by the new kit are of a series of its own: what is left says less, and nothing of a step.
    expect($after['unlogged'])->toBeNull()
        ->and($after['readingsAfter'])->toBeLessThan($before['readingsAfter'])
        ->and(implode(' ', array_column($after['findings'], 'sentence')))->toContain('a new kit starts a new series')
        ->and($this->system->entries()->latest('id')->value('kind'))->toBe('kit');
});

it('puts the new kit at the hour that the verdict means, by the clock of its reader', function (): void {
    stepUnlogged($this->system, 20, 0.4);
    $this->system->members()->sole()->update(['timezone' => 'Pacific/Auckland']);
    $journal = "/systems/{$this->system->id}/journal";
    $change = $this->get($journal)->inertiaProps('picked');
    $unlogged = array_column(
        $this->get("{$journal}?change={$change}")->inertiaProps('verdict')['judgements'],
        'unlogged',
        'parameter',
    )['no3'];
    $this->post($journal, ['line' => $unlogged['kit']])->assertSessionHasNoErrors();
    expect(abs(strtotime($this->system->entries()->latest('id')->value('occurred_at').' UTC') - $unlogged['t']))
        ->toBeLessThan(60);
});
