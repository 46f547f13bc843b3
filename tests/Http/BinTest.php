<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->post("/systems/{$this->system->id}/journal", ['line' => 'no3 8.5 2026-07-04 20:15']);
    $this->entry = JournalEntry::query()->sole();
});

it('keeps what is deleted and gives it back', function (): void {
    $this->delete("/systems/{$this->system->id}/journal/{$this->entry->id}")->assertRedirect();
    $this->get("/systems/{$this->system->id}/bin")->assertInertia(
        fn ($page) => $page->component('Journal/Bin')->where('entries.0.text', 'nitrate 8.5 ppm')->where('total', 1),
    );
    $this->post("/systems/{$this->system->id}/bin/{$this->entry->id}/restore")->assertRedirect();
    expect($this->entry->refresh()->deleted_at)->toBeNull();
});

it('says so when the same reading was logged again meanwhile', function (): void {
    $this->delete("/systems/{$this->system->id}/journal/{$this->entry->id}");
    $this->post("/systems/{$this->system->id}/journal", [
        'line' => 'no3 8.5 2026-07-04 20:15',
    ])->assertSessionHasNoErrors();
    $this->post("/systems/{$this->system->id}/bin/{$this->entry->id}/restore")->assertRedirect();
    expect(session('flash')['message'])->toContain('logged again since')
        ->and(JournalEntry::query()->count())->toBe(1);
});

it('has nothing to restore for an entry that is not in the bin', function (): void {
    $this->post("/systems/{$this->system->id}/bin/{$this->entry->id}/restore")->assertNotFound();
});

it('shows drafts of the path and paths taken back, each with its way back', function (): void {
    $at = "/systems/{$this->system->id}";
    $this->post("{$at}/drafts", ['style' => 'sump']);
    $draft = $this->system->drafts()->sole();
    $this->post("{$at}/drafts/{$draft->id}/in-force", ['since' => '2026-03-01']);
    $this->post("{$at}/path-revisions/{$this->system->pathRevisions()->sole()->id}/take-back");
    $this->delete("{$at}/drafts/{$draft->id}");
    $page = $this->get("{$at}/bin");
    $page->assertInertia(
        fn ($page) => $page->where('others.0.text', 'Draft: Sump')->where('others.1.text', 'In force: Sump'),
    );
    foreach ($page->viewData('page')['props']['others'] as $path) {
        $this->post($path['restore'])->assertRedirect();
    }
    $this->get("{$at}/bin")->assertInertia(fn ($page) => $page->has('others', 0));
    expect($this->system->drafts()->count())->toBe(1)->and($this->system->pathRevisions()->count())->toBe(1);
});
