<?php

declare(strict_types=1);

use App\Auth\KeeperPassword;
use App\Models\User;
use Illuminate\Support\Facades\Hash;

beforeEach(fn () => $this->keeper = User::factory()->create(['email' => 'kim@home.example']));

it('lets a keeper in and out, with a new session each time', function (): void {
    $before = session()->getId();
    $this->post('/sign-in', ['email' => ' KIM@home.example ', 'password' => 'a-long-password'])->assertRedirect('/');
    $this->assertAuthenticatedAs($this->keeper);
    expect(session()->getId())->not->toBe($before);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('leaves by a whole new page, so that the old one is gone from memory', function (): void {
    $this->actingAs($this->keeper->fresh())
        ->post('/sign-out', [], ['X-Inertia' => 'true'])
        ->assertStatus(409)
        ->assertHeader('X-Inertia-Location', url('/sign-in'));
});

it('lets a page that stands open sign its keeper in again without leaving', function (): void {
    $this->postJson('/sign-in', ['email' => 'kim@home.example', 'password' => 'wrong-wrong'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('email');
    $this->postJson('/sign-in', ['email' => 'kim@home.example', 'password' => 'a-long-password'])->assertNoContent();
    $this->assertAuthenticatedAs($this->keeper);
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

it('does not count a right try, and holds a whole network to thirty wrong ones', function (): void {
    foreach (range(1, 8) as $try) {
        $this->post('/sign-in', [
            'email' => 'kim@home.example',
            'password' => 'a-long-password',
        ])->assertSessionHasNoErrors();
        auth()->logout();
    }
    foreach (range(1, 30) as $try) {
        $this->post('/sign-in', ['email' => "stranger-{$try}@home.example", 'password' => 'guess-guess'])
            ->assertSessionHasErrors(['email' => 'No account has this e-mail address and password together.']);
    }
    $this->post('/sign-in', ['email' => 'another@home.example', 'password' => 'guess-guess']);
    expect(session('errors')->first('email'))->toStartWith('Too many wrong tries.');
});

it('hashes once whether or not there is such an account, so that the time does not tell', function (
    string $email,
): void {
    $hasher = Hash::driver();
    $spy = Mockery::mock($hasher);
    $work = 0;
    $spy->shouldReceive('check')->andReturnUsing(function (string $plain, string $hashed) use ($hasher, &$work): bool {
        $work++;

        return $hasher->check($plain, $hashed);
    });
    $spy->shouldReceive('make')->andReturnUsing(function (string $plain) use ($hasher, &$work): string {
        $work++;

        return $hasher->make($plain);
    });
    Hash::swap($spy);
    $this->post('/sign-in', ['email' => $email, 'password' => 'guess-guess'])->assertSessionHasErrors('email');
    expect($work)->toBe(1);
})->with(['kim@home.example', 'nobody@home.example']);

it('takes a password with blanks at its ends wherever it is typed', function (): void {
    $this->actingAs($this->keeper->fresh());
    $this->put('/settings/password', [
        'current_password' => 'a-long-password',
        'password' => ' kelp and foam ',
    ])->assertSessionHasNoErrors();
    $this->put('/settings/password', [
        'current_password' => ' kelp and foam ',
        'password' => 'kelp and foam again ',
    ])->assertSessionHasNoErrors();
    auth()->logout();
    $this->post('/sign-in', [
        'email' => 'kim@home.example',
        'password' => 'kelp and foam again',
    ])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => 'kelp and foam again '])->assertRedirect('/');
});

it('refuses more than the hash takes into account, and says so', function (): void {
    $this->post('/sign-in', ['email' => 'kim@home.example', 'password' => str_repeat('x', 73)])->assertSessionHasErrors(
        'password',
    );
    expect(session('errors')->first('password'))->toContain('at most 72 characters');
});

it('refuses what is guessed first', function (string $password, ?string $words): void {
    $problem = (new KeeperPassword(['Kim Example', 'kim.longname@home.example']))->problem($password);
    $words === null ? expect($problem)->toBeNull() : expect($problem)->toContain($words);
})->with([
    ['short', 'at least 10'],
    [str_repeat('abcdefgh', 9).'x', 'at most 72'],
    [str_repeat('ä', 37), 'at most 72'],
    ["kelp and\0 foam", 'null character'],
    ['1234567890', 'first that are guessed'],
    ['0987654321', 'first that are guessed'],
    ['abcdefghijk', 'first that are guessed'],
    ['qwertyuiop12', 'first that are guessed'],
    ['Password123!', 'first that are guessed'],
    ['aaaaaaaaaa', 'few different'],
    ['abababababab', 'few different'],
    ['kim.longname1', 'name or address'],
    ['Kim Example 1', 'name or address'],
    ['a-long-password', null],
    ['tidepool-demo', null],
    ['four wet feet dance', null],
]);

it('turns guests away from every page behind the door', function (): void {
    foreach (['/', '/settings', '/systems/create', '/systems/1/journal', '/systems/1/readings.csv'] as $path) {
        $this->get($path)->assertRedirect('/sign-in');
    }
});

it('answers a save of someone signed out meanwhile in place', function (): void {
    $this->post('/systems', [], ['X-Inertia' => 'true'])
        ->assertStatus(401)
        ->assertJsonPath('component', 'Problem')
        ->assertJsonPath('props.title', 'Signed out meanwhile');
    $this->post('/systems')->assertRedirect('/sign-in');
    $this->get('/token')->assertNoContent()->assertCookie('XSRF-TOKEN');
});

it('sends the headers that keep strangers\' scripts out and pages out of the cache', function (): void {
    $response = $this->get('/sign-in');
    expect((string) $response->headers->get('Content-Security-Policy'))
        ->toContain("default-src 'none'", "script-src 'self';", "frame-ancestors 'none'")
        ->not->toContain('unsafe');
    $this->actingAs($this->keeper)
        ->get('/settings')
        ->assertHeader('Cache-Control', 'no-store, private')
        ->assertHeaderMissing('Strict-Transport-Security');
    $this->get('https://localhost/settings')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
});
