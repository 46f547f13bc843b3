<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Temporary;

// Data written by an earlier Ithys opens for ever: tests/Golden holds the demo as it was stored on 25 November 2026.

beforeEach(function (): void {
    $this->file = Temporary::path('ithys-old');
    copy(dirname(__DIR__).'/Golden/demo-2026-11-25.sqlite', $this->file);
    config(['database.connections.sqlite.database' => $this->file]);
    DB::purge('sqlite');
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0);
    $this->actingAs(User::query()->sole());
    $this->system = System::query()->sole();
});

afterEach(function (): void {
    DB::purge('sqlite');
    array_map(unlink(...), glob("{$this->file}*") ?: []);
});

it('opens every page of an old database', function (string $page): void {
    $this->get("/systems/{$this->system->id}/{$page}")->assertOk();
})->with([
    'path',
    'path/water',
    'path/styles',
    'path/compare?a=d1&b=d2',
    'path/d1/parts',
    'path/d1/path.json',
    'path/d1/path.svg',
    'section',
    'section/sheet',
    'section/build',
    'section/sump.json',
    'section/cuts.svg',
    'section/cuts.dxf',
    'journal?range=all',
    'journal?range=all&view=table',
    'bin',
    'import',
    'readings.csv',
]);

it('keeps what it knew: the volume of its days, its journal, its drawing', function (): void {
    // 1040 x 470 x 485 mm, less 16 kg sand at 0.36 and 24 kg rock at 0.5, plus 46 L sump and 7 L plumbing, by hand.
    expect($this->system->workingLitresAt(new DateTimeImmutable('2026-11-01')))
        ->toAgreeWith(1.04 * 0.47 * 0.485 * 1000 - 16 * 0.36 - 24 * 0.5 + 46 + 7, 1e-9)
        ->and($this->system->entries()->count())
        ->toBe(227)
        ->and(
            $this->system->entries->every(fn ($line): bool => $line->toEntry()->payload->kind()->key() === $line->kind),
        )
        ->toBeTrue()
        ->and($this->system->sumpRevisionAt(now()))
        ->toBeNull()
        ->and($this->system->section?->design()->inside->baffles)
        ->toHaveCount(5);
});

it('goes on writing in it', function (): void {
    $at = "/systems/{$this->system->id}";
    $this->post("{$at}/journal", ['line' => 'no3 7.5 po4 0.06'])->assertSessionHasNoErrors();
    $typed = json_decode((string) json_encode($this->get("{$at}/section")->viewData('page')['props']['typed']), true);
    $this->put("{$at}/section", ['section' => $typed, 'version' => 1])->assertSessionHasNoErrors();
    $this->post("{$at}/section/in-force", ['since' => '2026-11-20'])->assertSessionHasNoErrors();
    expect(System::query()->sole()->workingLitresAt(new DateTimeImmutable('2026-11-01')))
        ->toBe($this->system->workingLitresAt(new DateTimeImmutable('2026-11-01')))
        ->and($this->system->entries()->count())
        ->toBe(229);
});
