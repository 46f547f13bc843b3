<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Ithys\Path\Style;
use Ithys\Path\Template;

// Two windows on one document: the second to save is told, and nothing of the first is lost.

beforeEach(function (): void {
    $this->actingAs($keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($keeper)->create();
    $this->at = "/systems/{$this->system->id}";
});

it('tells the second window that the tank was saved meanwhile', function (): void {
    $tank = ['name' => 'First', 'shape' => 'volume', 'volume' => '300', 'salinity' => '35'];
    $this->put("{$this->at}/path/water", ['tank' => $tank, 'version' => 1])->assertSessionHasNoErrors();
    $this->put("{$this->at}/path/water", [
        'tank' => [...$tank, 'name' => 'Second', 'volume' => '400', 'since' => '2026-03-01'],
        'version' => 1,
    ])->assertSessionHasErrors('tank');
    expect(session('errors')->first('tank'))
        ->toBe(
            'This description was saved in another window meanwhile. Open it in a new tab to see that one; your '
                .'changes here are not saved.',
        )
        ->and($this->system->refresh()->name)
        ->toBe('First')
        ->and($this->system->revisions()->count())
        ->toBe(1)
        ->and(System::query()->sole()->tankAt(now())->workingVolume()->litres)
        ->toBe(300.0);
    $this->get("{$this->at}/path/water")->assertInertia(fn ($page) => $page->where('version', 2));
    $this->put("{$this->at}/path/water", [
        'tank' => [...$tank, 'name' => 'Third'],
        'version' => 2,
    ])->assertSessionHasNoErrors();
});

it('tells the second window that the room was saved meanwhile', function (): void {
    $this->put("{$this->at}/path/styles", ['room' => ['budget' => '300'], 'version' => 1])->assertSessionHasNoErrors();
    $this->put("{$this->at}/path/styles", ['room' => ['budget' => '400'], 'version' => 1])->assertSessionHasErrors(
        'room',
    );
    expect($this->system->refresh()->room['budget'])->toEqual(300);
    $this->get("{$this->at}/path/styles")->assertInertia(fn ($page) => $page->where('version', 2));
});

it('puts a draft in force once however often it is pressed', function (): void {
    $draft = $this->system->drafts()->create(['name' => 'Draft', 'document' => Template::of(Style::Sump)->toArray()]);
    $force = fn (string $since) => $this->post("{$this->at}/drafts/{$draft->id}/in-force", [
        'since' => $since,
    ])->assertSessionHasNoErrors();
    $undo = array_map(function () use ($force): string {
        $force('2026-03-01');

        return session('flash')['undo'];
    }, range(1, 4));
    expect($this->system->pathRevisions()->count())->toBe(1)->and(array_unique($undo))->toHaveCount(1);
    $force('2026-03-02');
    $draft->update(['document' => Template::of(Style::Canister)->toArray()]);
    $force('2026-03-02');
    expect($this->system->pathRevisions()->count())->toBe(3);
});
