<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(fn () => $this->keeper = User::factory()->create(['email' => 'kim@home.example']));

it('lets a keeper in and out, with a new session each time', function (): void {
    $before = session()->getId();
    $this->post('/sign-in', ['email' => ' KIM@home.example ', 'password' => 'a-long-password'])->assertRedirect('/');
    $this->assertAuthenticatedAs($this->keeper);
    expect(session()->getId())->not->toBe($before);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('does not tell which of the two was wrong, and slows down guessing', function (): void {
    foreach (range(1, 5) as $try) {
        $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => "guess-{$try}"])
            ->assertSessionHasErrors(['email' => 'No account has this e-mail address and password together.']);
    }
    $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => 'a-long-password'])
        ->assertSessionHasErrors('email');
    expect(session('errors')->first('email'))->toStartWith('Too many wrong tries. Wait ');
    $this->assertGuest();
    $this->travel(61)->seconds();
    $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => 'a-long-password'])->assertRedirect('/');
});

it('turns guests away from every page behind the door', function (): void {
    foreach (['/', '/settings', '/systems/create', '/systems/1/journal', '/systems/1/readings.csv'] as $path) {
        $this->get($path)->assertRedirect('/sign-in');
    }
});

it('sends the headers that keep strangers\' scripts out', function (): void {
    $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');
    expect($policy)
        ->toContain("default-src 'none'", "script-src 'self';", "frame-ancestors 'none'")->not->toContain('unsafe');
});
