<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Ithys\Quantity\UnitSystem;

beforeEach(fn () => $this->actingAs($this->keeper = User::factory()->create()));

it('keeps name, zone and units', function (): void {
    $this->put('/settings', [
        'name' => 'Noa',
        'timezone' => 'America/Toronto',
        'units' => 'us',
    ])->assertSessionHasNoErrors();
    expect($this->keeper->refresh()->only('name', 'timezone', 'units'))->toBe([
        'name' => 'Noa',
        'timezone' => 'America/Toronto',
        'units' => UnitSystem::Us,
    ]);
    $this->put('/settings', ['name' => '', 'timezone' => 'Nowhere', 'units' => 'imperial'])->assertSessionHasErrors([
        'name',
        'timezone',
        'units',
    ]);
    $this->put('/settings/units', ['units' => 'metric'])
        ->assertSessionHas('flash.message', 'Figures are in litres, millimetres and °C now. U turns back.');
    expect($this->keeper->refresh()->units)->toBe(UnitSystem::Metric);
});

it('changes the password only for who knows the present one', function (): void {
    $this->put('/settings/password', ['current_password' => 'wrong', 'password' => 'another-long-one'])
        ->assertSessionHasErrors(['current_password' => 'This is not your present password.']);
    foreach (['short', '1234567890', "with a \0 in it"] as $password) {
        $this->put('/settings/password', ['current_password' => 'a-long-password', 'password' => $password])
            ->assertSessionHasErrors('password');
    }
    $this->put('/settings/password', [
        'current_password' => 'a-long-password',
        'password' => 'another-long-one',
    ])->assertSessionHasNoErrors();
    expect(Hash::check('another-long-one', $this->keeper->refresh()->getAuthPassword()))->toBeTrue();
});

it('slows down guessing at the present password', function (): void {
    foreach (range(1, 5) as $try) {
        $this->put('/settings/password', [
            'current_password' => "guess-{$try}",
            'password' => 'another-long-one',
        ])->assertSessionHasErrors('current_password');
    }
    $this->put('/settings/password', [
        'current_password' => 'a-long-password',
        'password' => 'another-long-one',
    ])->assertSessionHasErrors('current_password');
    expect(session('errors')->first('current_password'))
        ->toStartWith('Too many wrong tries.')
        ->and(Hash::check('a-long-password', $this->keeper->refresh()->getAuthPassword()))
        ->toBeTrue();
    $this->travel(61)->seconds();
    $this->put('/settings/password', [
        'current_password' => 'a-long-password',
        'password' => 'another-long-one',
    ])->assertSessionHasNoErrors();
});
