<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSection;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->system->id}/section/build";
    $this->designed = fn () => $this->system->section()->create(['document' => DemoSection::document()]);
    $this->build = fn (array $with = []): array => [
        'retrofit' => false,
        'cureHours' => '72',
        'done' => ['set-socks' => '2026-03-14'],
        'leakTests' => [['day' => '2026-03-01', 'levelMm' => '355', 'result' => 'dry']],
        'measured' => ['socks' => ['frontBottom' => '150', 'backBottom' => '154']],
        ...$with,
    ];
});

it('asks for a design first', function (): void {
    $this->get($this->at)->assertInertia(fn ($page) => $page->component('Section/Build')->where('view', null));
    $this->postJson("{$this->at}/preview", ['build' => ($this->build)()])->assertNotFound();
    $this->put($this->at, ['build' => ($this->build)(), 'version' => 0])->assertNotFound();
});

it('lists the steps of the saved design', function (): void {
    ($this->designed)();
    $this->get($this->at)->assertInertia(
        fn ($page) => $page
            ->component('Section/Build')
            ->where('version', 0)
            ->where('view.steps.0.key', 'leak-empty')
            ->has('view.baffles', 5)
            ->has('choices.corners', 4),
    );
});

it('answers what is measured without saving it', function (): void {
    ($this->designed)();
    $answer = $this->postJson("{$this->at}/preview", ['build' => ($this->build)()])->assertOk();
    expect($answer->json('view.findings.0.code'))
        ->toBe('out-of-square')
        ->and($answer->json('view.baffles.0.outOfSquare'))
        ->toBe('4 mm')
        ->and($this->system->refresh()->section?->build)
        ->toBeNull();
    expect(
        $this->postJson("{$this->at}/preview", ['build' => ($this->build)(['cureHours' => 'long'])])->json(
            'problems.cureHours',
        ),
    )->toContain('not a number');
});

it('saves the record, and does not let two windows overwrite each other', function (): void {
    ($this->designed)();
    $this->put($this->at, ['build' => ($this->build)(), 'version' => 0])->assertSessionHasNoErrors();
    $record = $this->system->refresh()->section?->buildRecord();
    expect($record?->cureHours)
        ->toBe(72.0)
        ->and($record?->measured['socks']->outOfSquareMm())
        ->toBe(4.0)
        ->and($record?->leakTests[0]->levelMm)
        ->toBe(355.0);
    $this->put($this->at, ['build' => ($this->build)(['cureHours' => '96']), 'version' => 0])->assertSessionHasErrors(
        'build',
    );
    $this->put($this->at, [
        'build' => ($this->build)(['cureHours' => '96']),
        'version' => 1,
    ])->assertSessionHasNoErrors();
    expect($this->system->refresh()->section?->buildRecord()->cureHours)
        ->toBe(96.0)
        ->and($this->system->section?->version)
        ->toBe(1);
});

it('shows the record as it was typed, in the units of its keeper', function (): void {
    ($this->designed)();
    $this->put($this->at, ['build' => ($this->build)(), 'version' => 0]);
    $this->get($this->at)->assertInertia(
        fn ($page) => $page
            ->where('typed.measured.socks.backBottom', '154')
            ->where('typed.leakTests.0.levelMm', '355')
            ->where('typed.done.set-socks', '2026-03-14'),
    );
    $this->put('/settings/units', ['units' => 'us']);
    $this->get($this->at)->assertInertia(
        fn ($page) => $page->where('typed.measured.socks.frontBottom', '5 29/32')->where('choices.unit', 'in'),
    );
});

it('refuses a day to come and saves nothing of it', function (): void {
    ($this->designed)();
    $this->put($this->at, [
        'build' => ($this->build)(['done' => ['mark' => '2999-01-01']]),
        'version' => 0,
    ])->assertSessionHasErrors('done.mark');
    expect($this->system->refresh()->section?->build)->toBeNull();
});

it('is nobody else’s', function (): void {
    ($this->designed)();
    $this->actingAs(User::factory()->create());
    $this->get($this->at)->assertNotFound();
    $this->put($this->at, ['build' => ($this->build)(), 'version' => 0])->assertNotFound();
});
