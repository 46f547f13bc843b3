<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\Route;

it('shows a stranger nothing: every system route answers 404', function (): void {
    $system = System::factory()->ownedBy(User::factory()->create())->create();
    $stranger = User::factory()->create();
    $routes = collect(Route::getRoutes()->getRoutes())->filter(
        fn ($route): bool => str_starts_with($route->uri(), 'systems/{system}'),
    );
    expect($routes->count())->toBeGreaterThan(12);
    foreach ($routes as $route) {
        $path = strtr($route->uri(), [
            '{system}' => $system->id,
            '{entry}' => 1,
            '{batch}' => 'x',
            '{upload}' => 'x',
            '{draft}' => 1,
            '{revision}' => 1,
            '{mark}' => 'd1',
            '{format}' => 'svg',
        ]);
        $this->actingAs($stranger)->call($route->methods()[0], $path)->assertNotFound();
        expect(
            collect($route->gatherMiddleware())->first(
                fn ($name): bool => is_string($name) && str_starts_with($name, 'can:'),
            ),
        )->not->toBeNull("{$path} has no policy");
    }
    $this->actingAs($stranger)->post("/systems/{$system->id}/restore")->assertNotFound();
});

it('groups every route of a system by what one must be allowed', function (): void {
    $abilities = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'systems/{system}')) {
            $can = array_values(
                array_filter(
                    $route->gatherMiddleware(),
                    fn ($name): bool => is_string($name) && str_starts_with($name, 'can:'),
                ),
            );
            expect($can)->toHaveCount(1, $route->uri());
            $abilities[$can[0]][] = implode('|', array_diff($route->methods(), ['HEAD'])).' '.$route->uri();
        }
    }
    expect(array_keys($abilities))->toEqualCanonicalizing([
        'can:read,system',
        'can:journal,system',
        'can:design,system',
        'can:own,system',
    ]);
    // Reading changes nothing: only previews are posted.
    foreach ($abilities['can:read,system'] as $route) {
        expect(str_starts_with($route, 'GET ') || str_ends_with($route, '/preview'))->toBeTrue($route);
    }
});

it('does not answer a stranger differently for a system that is not there', function (): void {
    $this->actingAs(User::factory()->create())->get('/systems/999/journal')
        ->assertNotFound()
        ->assertInertia(fn ($page) => $page->component('Problem'));
});

it('lets only the owner in, not a mere member, until roles are opened', function (): void {
    $system = System::factory()->ownedBy(User::factory()->create())->create();
    $system->members()->attach($viewer = User::factory()->create(), ['role' => 'viewer']);
    $this->actingAs($viewer)->get("/systems/{$system->id}/journal")->assertNotFound();
});
