<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Hash;

it('sets a new password for a keeper who forgot theirs', function (): void {
    $keeper = User::factory()->create(['email' => 'kim@home.example', 'name' => 'Kim']);
    $this->artisan('keeper:password', ['email' => 'KIM@home.example'])
        ->expectsQuestion('New password', 'a-brand-new-one')
        ->expectsOutput('Kim has a new password; other devices are signed out.')
        ->assertSuccessful();
    expect(Hash::check('a-brand-new-one', $keeper->refresh()->getAuthPassword()))->toBeTrue();
});

it('holds to the rules of every other place, and keeps blanks at the ends', function (): void {
    $keeper = User::factory()->create(['email' => 'kim@home.example', 'name' => 'Kim']);
    foreach (
        [
            ['1234567890', 'first that are guessed'],
            [str_repeat('kelp and foam ', 6), 'at most 72'],
        ] as [$password, $words]
    ) {
        $this->artisan('keeper:password', ['email' => 'kim@home.example'])
            ->expectsQuestion('New password', $password)
            ->expectsOutputToContain($words)
            ->assertFailed();
    }
    $this->artisan('keeper:password', ['email' => 'kim@home.example'])
        ->expectsQuestion('New password', ' kelp and foam ')
        ->assertSuccessful();
    $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => ' kelp and foam '])->assertRedirect('/');
});

it('changes nothing for a short password or an unknown keeper', function (): void {
    $keeper = User::factory()->create(['email' => 'kim@home.example']);
    $this->artisan('keeper:password', ['email' => 'kim@home.example'])
        ->expectsQuestion('New password', 'short')
        ->expectsOutput('Choose a password of at least 10 characters.')
        ->assertFailed();
    $this->artisan('keeper:password', ['email' => 'nobody@home.example'])
        ->expectsOutput('No keeper signs in with that address.')
        ->assertFailed();
    expect(Hash::check('a-long-password', $keeper->refresh()->getAuthPassword()))->toBeTrue();
});
