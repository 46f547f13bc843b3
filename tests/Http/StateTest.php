<?php

declare(strict_types=1);

use App\Journal\FitShelf;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

it('says of a tank what its own pages say', function (): void {
    $this->seed(DemoSeeder::class);
    $system = System::query()->where('name', 'Stairwell reef')->sole();
    $this->actingAs($system->members()->sole());
    $state = fn (): array => $this->get("/systems/{$system->id}/state")->assertOk()->inertiaProps('state');
    expect($state()['learned'])->toBeNull()->and((array) $state()['forecast']['says'])->toBe([]);
    (new FitShelf($system->fresh()))->learn(now()->toDateTimeImmutable());
    $page = $state();
    $media = $this->get("/systems/{$system->id}/media")->inertiaProps('view')['charges'];
    $ranked = $this->get("/systems/{$system->id}/journal?view=changes&range=1y")->inertiaProps('ranked')['changes'];
    $preview = $this->postJson("/systems/{$system->id}/forecast/preview", [
        'levers' => $this->get("/systems/{$system->id}/forecast")->inertiaProps('levers'),
        'weeks' => 12,
    ])->assertOk()->json('view');
    $in = array_values(array_filter($media, fn (array $one): bool => $one['to'] === null));
    expect(array_column($page['charges'], 'condition'))
        ->toEqualCanonicalizing(array_column(array_column($in, 'life'), 'condition'))
        ->and($page['changes'])->toEqual(array_slice($ranked, 0, 10))
        ->and($page['forecast']['says'])->toEqual($preview['ends']['present'])
        ->and(array_column($page['readings'], 'text'))->each->toMatch('~\d~')
        ->and(array_column($page['routines'], 'label'))->toContain('Feeding')->toContain('Sock changes')
        ->and(array_column($page['routines'], 'known'))->each->toBeIn(['stated', 'logged', 'presumed', 'unknown']);
});

it('says of an empty tank that nothing is known, and nothing to strangers', function (): void {
    $system = System::factory()->ownedBy($keeper = User::factory()->create())->create();
    $state = $this->actingAs($keeper)->get("/systems/{$system->id}/state")->assertOk()->inertiaProps('state');
    expect([$state['readings'], $state['routines'], $state['charges'], $state['alerts'], $state['questions']])
        ->toBe([[], [], [], [], []]);
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/systems/{$system->id}/state")->assertNotFound();
});
