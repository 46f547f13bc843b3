<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Ithys\Quantity\UnitSystem;

beforeEach(fn () => $this->actingAs($this->keeper = User::factory()->create()));

it('keeps name, zone and units', function (): void {
    $this->put('/settings', ['name' => 'Noa', 'timezone' => 'America/Toronto', 'units' => 'us'])->assertSessionHasNoErrors();
    expect($this->keeper->refresh()->only('name', 'timezone', 'units'))->toBe(['name' => 'Noa', 'timezone' => 'America/Toronto', 'units' => UnitSystem::Us]);
    $this->put('/settings', ['name' => '', 'timezone' => 'Nowhere', 'units' => 'imperial'])
        ->assertSessionHasErrors(['name', 'timezone', 'units']);
    $this->put('/settings/units', ['units' => 'metric']);
    expect($this->keeper->refresh()->units)->toBe(UnitSystem::Metric);
});

it('changes the password only for who knows the present one', function (): void {
    $this->put('/settings/password', ['current' => 'wrong', 'password' => 'another-long-one'])
        ->assertSessionHasErrors(['current' => 'This is not your present password.']);
    $this->put('/settings/password', ['current' => 'a-long-password', 'password' => 'short'])
        ->assertSessionHasErrors('password');
    $this->put('/settings/password', ['current' => 'a-long-password', 'password' => 'another-long-one'])->assertSessionHasNoErrors();
    expect(Hash::check('another-long-one', $this->keeper->refresh()->getAuthPassword()))->toBeTrue();
});
