<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->system = System::query()->where('name', 'Stairwell reef')->sole();
    $this->actingAs($this->system->members()->sole());
    $this->ask = fn (string $query = ''): mixed => $this->get("/systems/{$this->system->id}/ledger/why{$query}")
        ->assertOk();
});

it('compares the last four weeks with the four before, before and after it has learned', function (): void {
    $why = ($this->ask)()->inertiaProps('why');
    expect($why['missing'])->toBeNull()->and($why['lines'])->not->toBe([])->and($why['levels'][0])->toEndWith('ppm');
    (new FitShelf($this->system->fresh()))->learn(now()->toDateTimeImmutable());
    $learned = ($this->ask)('?of=no3')->inertiaProps('why');
    expect(array_column($learned['lines'], 'key'))->toContain('fed')
        ->and($learned['says'][0])->toContain('mg of nitrogen a week')
        ->and($learned['net'])->toEqualWithDelta(
            array_sum(array_column($learned['lines'], 'raises')) + $learned['unexplained'],
            1e-9,
        );
});

it('names what was changed between, and leads there from a verdict', function (): void {
    $journal = $this->get("/systems/{$this->system->id}/journal");
    $verdict = $this->get("/systems/{$this->system->id}/journal?change={$journal->inertiaProps('picked')}")
        ->inertiaProps('verdict');
    $why = $this->get($verdict['why'])->assertOk();
    expect(array_column($why->inertiaProps('why')['changed'], 'text'))->toContain('GFO 85 g, GFO reactor')
        ->and($why->inertiaProps('why')['lines'][0]['key'])->toBe('media')
        ->and($why->inertiaProps('asked')['of'])->toBe('po4');
});

it('says what is wrong with the days, and keeps what was typed', function (string $query, string $says): void {
    $page = ($this->ask)($query);
    expect($page->inertiaProps('problem'))->toBe($says)->and($page->inertiaProps('why'))->toBeNull();
})->with([
    ['?beforeFrom=yesterday', 'Write each day as year, month and day, such as 2026-11-04.'],
    ['?beforeFrom=2026-02-31', 'Write each day as year, month and day, such as 2026-11-04.'],
    ['?beforeFrom=2026-05-02&beforeTo=2026-05-01', 'Each time must end after it begins.'],
    [
        '?beforeFrom=2026-04-02&beforeTo=2026-05-20&sinceFrom=2026-05-10&sinceTo=2026-05-30',
        'The first time must be over before the second begins.',
    ],
    [
        '?beforeFrom=2026-04-02&beforeTo=2026-05-01&sinceFrom=2099-05-10&sinceTo=2099-05-30',
        'The second time lies ahead: choose days that are past.',
    ],
]);

it('shows nothing before the first readings, and nothing to strangers', function (): void {
    $why = ($this->ask)('?beforeFrom=2020-01-01&beforeTo=2020-02-01&sinceFrom=2020-02-01&sinceTo=2020-03-01')
        ->inertiaProps('why');
    expect($why['missing']['sentence'])->toContain('from a later day only');
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/systems/{$this->system->id}/ledger/why")->assertNotFound();
});
