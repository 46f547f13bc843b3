<?php

declare(strict_types=1);

use App\Models\User;

function firstKeeper(string ...$changes): array
{
    return [
        ...[
            'name' => 'Ada',
            'email' => 'Ada@Home.example',
            'password' => 'long-enough-1',
            'timezone' => 'Europe/Paris',
            'units' => 'us',
        ],
        ...$changes,
    ];
}

it('leads an empty installation to the first keeper and on to a tank', function (): void {
    $this->get('/sign-in')->assertRedirect('/first-run');
    $this->get('/first-run')->assertOk()->assertInertia(fn ($page) => $page->component('Doors/FirstRun'));
    $this->post('/first-run', firstKeeper())->assertRedirect('/systems/create');
    $this->assertAuthenticated();
    expect(User::query()->sole()->email)->toBe('ada@home.example');
    $this->get('/')->assertRedirect('/systems/create');
});

it('closes once there is a keeper', function (): void {
    User::factory()->create();
    $this->get('/first-run')->assertNotFound();
    $this->post('/first-run', firstKeeper())->assertNotFound();
    expect(User::query()->count())->toBe(1);
});

it('says what is wrong with the account', function (array $changes, string $field, string $sentence): void {
    $this->post('/first-run', firstKeeper(...$changes))->assertSessionHasErrors([$field => $sentence]);
    expect(User::query()->count())->toBe(0);
})->with([
    [['name' => ''], 'name', 'Enter the name to sign your entries with.'],
    [['email' => 'nowhere'], 'email', 'This is not an e-mail address; one looks like keeper@home.example.'],
    [['password' => 'short'], 'password', 'Choose a password of at least 10 characters.'],
    [['timezone' => 'Mars/Olympus'], 'timezone', 'This is not a time zone; one looks like Europe/Berlin.'],
]);
