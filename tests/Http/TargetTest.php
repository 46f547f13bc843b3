<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Ithys\Assumption\Overlay;

it('holds a tank to the levels of the school its keeper picked, and to its own figures', function (): void {
    $this->actingAs($keeper = User::factory()->create());
    $system = System::factory()->ownedBy($keeper)->create();
    $url = "/systems/{$system->id}";
    expect($this->get("{$url}/journal")->inertiaProps('target'))
        ->toMatchArray(['school' => '', 'bands' => []]);
    $this->put("{$url}/target", ['school' => 'balanced'])->assertSessionHasNoErrors();
    expect($this->get("{$url}/journal")->inertiaProps('target.bands'))->toEqual([
        ['parameter' => 'no3', 'low' => 3.0, 'high' => 10.0, 'text' => 'nitrate 3 ppm to 10 ppm'],
        ['parameter' => 'po4', 'low' => 0.03, 'high' => 0.1, 'text' => 'phosphate 0.03 ppm to 0.1 ppm'],
    ]);
    $system->overlay('target-balanced-no3-low', new Overlay(14.0, 'soft corals'));
    // Crossed by mistake, they are put in order.
    expect($this->get("{$url}/journal")->inertiaProps('target.bands.0'))
        ->toMatchArray(['low' => 10, 'high' => 14]);
    $this->put("{$url}/target", ['school' => 'other'])
        ->assertSessionHasErrors(['school' => 'Pick one of the schools, or none.']);
    $this->put("{$url}/target", ['school' => ''])->assertSessionHasNoErrors();
    expect($this->get("{$url}/journal")->inertiaProps('target.school'))->toBe('');
});
