<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Ithys\Assumption\Assumptions;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->system->id}/assumptions";
    $this->set = fn (string $key, string $value, string $reason = 'Measured in a bucket.') => $this->put(
        "{$this->at}/{$key}",
        ['overlay' => ['value' => $value, 'reason' => $reason]],
    );
    $this->one = fn (string $key): array => collect(
        $this->get($this->at)->inertiaProps('groups'),
    )->pluck('assumptions')->flatten(1)->firstWhere('key', $key);
});

it('lists every default once, with its kind, source and range', function (): void {
    $groups = $this->get($this->at)->assertOk()->inertiaProps('groups');
    $keys = collect($groups)->pluck('assumptions')->flatten(1)->pluck('key');
    expect($keys->sort()->values()->all())
        ->toBe(collect(Assumptions::standard()->all())->pluck('key')->sort()->values()->all())
        ->and(($this->one)('rock-displacement'))
        ->toMatchArray([
            'value' => '0.5 L/kg',
            'default' => '0.5 L/kg',
            'kind' => 'estimate',
            'range' => 'from 0.2 to 0.9 L/kg',
            'reason' => null,
            'typed' => ['value' => '0.5', 'reason' => ''],
        ]);
});

it('sets one for one tank with a reason, and everything that rests on it follows', function (): void {
    $volume = fn (): float => $this->get("/systems/{$this->system->id}/path/water")->inertiaProps('view.litres');
    $described = $this->system->revisions()->firstOrFail();
    $described->update(['document' => [...$described->document, 'rockKg' => 20.0]]);
    $before = $volume();
    ($this->set)('rock-displacement', '0.7')->assertSessionHasNoErrors()->assertRedirect($this->at);
    $part = collect($this->get("/systems/{$this->system->id}/path/water")->inertiaProps('view.parts'))
        ->firstWhere('basis.key', 'rock-displacement');
    expect($before - $volume())
        ->toAgreeWith(20.0 * (0.7 - 0.5), 1e-9)
        ->and($part['basis'])
        ->toMatchArray(['value' => '0.7 L/kg', 'reason' => 'Measured in a bucket.'])
        ->and(($this->one)('rock-displacement'))
        ->toMatchArray(['value' => '0.7 L/kg', 'default' => '0.5 L/kg']);
    $other = System::factory()->ownedBy($this->keeper)->create();
    expect($other->assumptions()->value('rock-displacement'))->toBe(0.5);
});

it('goes back to the default, and takes that back', function (): void {
    ($this->set)('rock-displacement', '0.7');
    $undo = $this->delete("{$this->at}/rock-displacement")->getSession()->get('flash')['undo'];
    expect($this->system->refresh()->overlays)->toBeNull();
    $this->post($undo)->assertSessionHasNoErrors();
    expect($this->system->refresh()->overlays)->toBe([
        'rock-displacement' => ['value' => 0.7, 'reason' => 'Measured in a bucket.'],
    ]);
});

it('keeps what is typed in US units, or with any unit, as the core reckons it', function (): void {
    $this->put('/settings/units', ['units' => 'us']);
    ($this->set)('rock-displacement', '0.07')->assertSessionHasNoErrors();
    ($this->set)('heater-cover', '3/4 in')->assertSessionHasNoErrors();
    ($this->set)('sand-displacement', '0.4 L/kg')->assertSessionHasNoErrors();
    $assumptions = $this->system->refresh()->assumptions();
    // 8.345404 L/kg is a US gallon a pound (NIST SP 811).
    expect($assumptions->value('rock-displacement'))->toAgreeWith(0.07 * 8.345404, 1e-6)
        ->and($assumptions->value('heater-cover'))->toAgreeWith(19.05, 1e-12)
        ->and($assumptions->value('sand-displacement'))->toAgreeWith(0.4, 1e-12)
        ->and(($this->one)('heater-cover'))->toMatchArray(['value' => '3/4 in', 'unit' => 'in']);
});

it('says what is wrong, and keeps nothing of it', function (
    string $key,
    string $value,
    string $reason,
    string $field,
    string $words,
): void {
    ($this->set)($key, $value, $reason)->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($words)
        ->and($this->system->refresh()->overlays)->toBeNull();
})->with([
    'beyond its range' => [
        'rock-displacement',
        '2',
        'So it is.',
        'value',
        'Water displaced by porous rock must be between 0.2 L/kg and 0.9 L/kg; “2” is 2 L/kg.',
    ],
    'no number' => ['rock-displacement', 'much', 'So it is.', 'value', 'not a number'],
    'none' => ['rock-displacement', '', 'So it is.', 'value', 'is needed'],
    'another kind of figure' => ['rock-displacement', '3 L', 'So it is.', 'value', 'measures'],
    'no reason' => ['rock-displacement', '0.6', ' ', 'reason', 'Say why'],
    'a story' => ['rock-displacement', '0.6', str_repeat('long ', 80), 'reason', 'at most 300 characters'],
]);

it('knows no default by another name, and none of a stranger’s tank', function (): void {
    ($this->set)('rock', '1')->assertNotFound();
    $this->delete("{$this->at}/rock")->assertNotFound();
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    $this->get($this->at)->assertNotFound();
    ($this->set)('rock-displacement', '0.7')->assertNotFound();
    $this->delete("{$this->at}/rock-displacement")->assertNotFound();
    expect($this->system->refresh()->overlays)->toBeNull();
});

it('keeps what another window set meanwhile', function (): void {
    $mine = System::query()->findOrFail($this->system->id);
    expect($mine->overlays)->toBeNull();
    ($this->set)('rock-displacement', '0.7');
    $mine->overlay('sand-displacement', new Ithys\Assumption\Overlay(0.4, 'Wet sand.'));
    expect(array_keys($mine->refresh()->overlays ?? []))->toBe(['rock-displacement', 'sand-displacement']);
});
