<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Route;

it('says in a sentence what went wrong', function (int $status, string $title): void {
    Route::get('/broken', fn () => abort($status));
    $this->get('/broken')->assertStatus($status)
        ->assertInertia(fn ($page) => $page->component('Problem')->where('status', $status)->where('title', $title));
})->with([
    [403, 'Not for you'],
    [404, 'Nothing here'],
    [429, 'Too fast'],
    [500, 'Our fault'],
    [503, 'Being set up'],
]);

it('words a page that stood open too long and an upload that is too large', function (): void {
    Route::get('/stale', fn () => throw new TokenMismatchException);
    Route::get('/large', fn () => throw new PostTooLargeException);
    $this->get('/stale')->assertStatus(419)->assertInertia(fn ($page) => $page->where('title', 'Signed out meanwhile'));
    $this->get('/large')->assertStatus(413)->assertInertia(fn ($page) => $page->where('title', 'Too large'));
});

it('tells nothing of the inside when something breaks', function (): void {
    Route::get('/broken', fn () => throw new RuntimeException('secret path and query'));
    $this->get('/broken')->assertStatus(500)->assertDontSee('secret path');
});

it('answers scripts in JSON', function (): void {
    $this->actingAs(User::factory()->create());
    $this->getJson('/nowhere')->assertNotFound()->assertJsonStructure(['message']);
    $this->postJson('/tank-preview', ['tank' => 'soon'])->assertUnprocessable()->assertJsonValidationErrors('tank');
});
