<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;

beforeEach(fn () => $this->actingAs($this->keeper = User::factory()->create()));

it('describes a first tank and owns it', function (): void {
    $this->get('/systems/create')->assertInertia(fn ($page) => $page->component('Path/Create')->where('first', true));
    $this->post('/systems', [
        'tank' => [
            'name' => 'Hall',
            'shape' => 'box',
            'length' => '100',
            'width' => '50',
            'height' => '40',
            'salinity' => '35',
        ],
    ])->assertRedirect('/systems/'.System::query()->sole()->id.'/path');
    $system = System::query()->sole();
    expect($system->tankAt(now())->workingVolume()->litres)->toAgreeWith(200.0)
        ->and($system->members()->sole()->id)->toBe($this->keeper->id);
    $this->get('/')->assertRedirect("/systems/{$system->id}/care");
});

it('saves nothing of a tank that cannot be, and says why at the field', function (): void {
    $this->post('/systems', ['tank' => ['name' => '', 'shape' => 'volume', 'volume' => '100']])->assertSessionHasErrors(
        ['name' => 'Give the tank a name.'],
    );
    $this->post('/systems', [
        'tank' => ['name' => 'Hall', 'shape' => 'box', 'length' => '50 m', 'width' => 'wide', 'height' => '-4'],
    ])->assertSessionHasErrors(['length', 'width', 'height']);
    $this->post('/systems', [
        'tank' => ['name' => ['x'], 'shape' => ['box'], 'length' => ['1']],
    ])->assertSessionHasErrors(['name', 'length']);
    expect(System::query()->count())->toBe(0);
});

it('moves a tank to the bin and back', function (): void {
    $system = System::factory()->ownedBy($this->keeper)->create();
    $this->delete("/systems/{$system->id}")->assertRedirect('/settings');
    $this->get("/systems/{$system->id}/journal")->assertNotFound();
    $this->get('/settings')->assertInertia(fn ($page) => $page->where('binned.0.id', $system->id));
    $this->post("/systems/{$system->id}/restore")->assertRedirect();
    $this->get("/systems/{$system->id}/journal")->assertOk();
});
