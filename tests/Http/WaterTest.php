<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->typed = ['name' => 'Hall', 'shape' => 'volume', 'volume' => '300', 'salinity' => '35', 'flow' => '2000'];
});

it('shows the tank in the keeper\'s units', function (): void {
    $this->get("/systems/{$this->system->id}/path/water")->assertInertia(fn ($page) => $page->component('Path/Water')
        ->where('typed.volume', '200')
        ->where('typed.flow', '1400')
        ->where('view.litres', 200)
        ->where('frame.turnoverPerHour', 7)
        ->where('units.volume.unit', 'L'));
    $this->put('/settings/units', ['units' => 'us']);
    $this->get("/systems/{$this->system->id}/path/water")
        ->assertInertia(fn ($page) => $page->where('typed.volume', '52.8344')->where('units.volume.unit', 'US gal'));
});

it('puts a description right without a new revision', function (): void {
    $this->put("/systems/{$this->system->id}/path/water", ['tank' => $this->typed, 'version' => 1])->assertRedirect();
    expect($this->system->refresh()->revisions()->count())->toBe(1)
        ->and($this->system->tankAt(now())->workingVolume()->litres)->toBe(300.0)
        ->and($this->system->name)->toBe('Hall');
});

it('keeps the old volume for the time before a change', function (): void {
    $this->put("/systems/{$this->system->id}/path/water", [
        'tank' => [...$this->typed, 'since' => '2026-03-01'],
        'version' => 1,
    ])->assertRedirect();
    $system = System::query()->sole();
    expect($system->tankAt(new DateTimeImmutable('2026-02-28'))->workingVolume()->litres)->toBe(200.0)
        ->and($system->tankAt(new DateTimeImmutable('2026-03-02'))->workingVolume()->litres)->toBe(300.0);
});

it('refuses a change in the future or on no day', function (string $since): void {
    $this->put("/systems/{$this->system->id}/path/water", [
        'tank' => [...$this->typed, 'since' => $since],
        'version' => 1,
    ])->assertSessionHasErrors('since');
    expect($this->system->revisions()->count())
        ->toBe(1)
        ->and($this->system->refresh()->name)
        ->toBe('Test tank');
})->with([now()->addYear()->format('Y-m-d'), '2026-02-31', 'soon']);

it('answers a draft without saving it', function (): void {
    $this->postJson('/tank-preview', ['tank' => ['shape' => 'volume', 'volume' => '12 imp gal', 'rock' => '2']])
        ->assertOk()
        ->assertJsonPath('view.litres', fn (float $litres): bool => abs($litres - 53.55308) < 1e-9)
        ->assertJsonPath('view.parts.3.basis.kind', 'estimate');
    $this->postJson('/tank-preview', ['tank' => ['shape' => 'volume', 'volume' => '12 gal']])->assertOk()
        ->assertJsonPath('view', null)
        ->assertJsonPath('problems.volume', fn (string $sentence): bool => str_contains($sentence, 'US gal'));
    expect(System::query()->count())->toBe(1);
});

it('speaks to a US keeper in US units only', function (): void {
    $this->keeper->update(['units' => 'us']);
    $view = $this->postJson('/tank-preview', [
        'tank' => [
            'shape' => 'box',
            'length' => '48',
            'width' => '24',
            'height' => '20',
            'flow' => '200',
            'temperature' => '90',
        ],
    ])
        ->assertOk()
        ->json('view');
    $sentences = implode(' ', array_column($view['findings'], 'sentence'));
    expect($sentences)
        ->toContain('US gal/h')
        ->toContain('75 °F to 81 °F. 90 °F is outside 72 °F to 84 °F.')
        ->not->toContain('L/h')
        ->not->toContain('°C');
});
