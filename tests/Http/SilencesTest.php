<?php

declare(strict_types=1);

use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Ithys\Effect\AlsoChanged;
use Ithys\History\Rate;
use Ithys\History\Silences;
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

it('tells of routines that are read one by one what it tells of all at once', function (): void {
    $system = System::query()->findOrFail(1);
    $user = $system->members()->sole();
    foreach ([
        [],
        ['-40 days 09:00' => 'vinegar 2 ml'],
        ['-39 days 09:00' => 'vinegar 2 ml', '-38 days 09:00' => 'spirit 0.5 ml'],
        ['-1 day 10:00' => 'sock changed', '-2 days 10:00' => 'water changes stopped'],
    ] as $lines) {
        foreach ($lines as $when => $line) {
            $at = now()->toDateTimeImmutable()->modify($when);
            $this->actingAs($user)->post('/systems/1/journal', ['line' => "{$at->format('Y-m-d H:i')} {$line}"])
                ->assertSessionHasNoErrors();
        }
        $system = $system->fresh();
        $now = now()->toDateTimeImmutable();
        $hour = $now->setTime((int) $now->format('H'), 0)->modify('+1 hour');
        $whole = TankRoutines::of($system, $hour);
        $apart = TankRoutines::changes($system, $now)->also;
        expect($apart)->toEqual(AlsoChanged::of($system->changedOn(), $whole))
            ->and(TankRoutines::silences($system, $now))->toEqual(Silences::in($whole));
    }
});

it('takes the settings of the first day for no change where no routine was ever logged', function (): void {
    $system = System::factory()->ownedBy($user = User::query()->firstOrFail())->create();
    $this->actingAs($user);
    foreach (['2026-11-01 09:00 no3 8', '2026-11-01 10:00 refugium 8 h', '2026-11-15 10:00 refugium 10 h'] as $line) {
        $this->post("/systems/{$system->id}/journal", ['line' => $line])->assertSessionHasNoErrors();
    }
    $changes = fn (): array => array_column(
        $this->get("/systems/{$system->id}/journal?view=changes&range=1y")->inertiaProps('ranked')['changes'],
        'text',
    );
    expect($changes())->toHaveCount(1);
    // With an older first day, what was said on 1 November is a change as well.
    $this->post("/systems/{$system->id}/journal", ['line' => '2026-10-01 09:00 no3 7'])->assertSessionHasNoErrors();
    expect($changes())->toHaveCount(2);
});
