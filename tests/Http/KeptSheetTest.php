<?php

declare(strict_types=1);

use App\Http\Pages\TideSheet;
use App\Journal\RunningImport;
use App\Models\JournalEntry;
use App\Models\System;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Overlay;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->demo = System::query()->where('name', 'Stairwell reef')->sole();
    $this->actingAs($this->demo->members()->sole());
    // Long enough that its routine levers are put together.
    $this->post("/systems/{$this->demo->id}/journal", ['line' => 'sock 2023-02-01 10:00'])->assertRedirect();
    // The sheet, and the verdict it opens with.
    $this->sheet = function (string $range = 'all'): array {
        $page = $this->get("/systems/{$this->demo->id}/journal?range={$range}")->assertOk();
        $picked = $this->get("/systems/{$this->demo->id}/journal?change={$page->inertiaProps('picked')}");

        return [$page->inertiaProps('sheet'), $picked->inertiaProps('verdict')];
    };
});

it('reads a whole journal once and then shows it as it was kept', function (): void {
    DB::enableQueryLog();
    $thinned = static fn (): int => count(array_filter(
        DB::getQueryLog(),
        static fn (array $query): bool => str_contains($query['query'], 'count(*) as times'),
    ));
    $first = ($this->sheet)();
    expect($thinned())->toBe(1)->and(($this->sheet)())->toBe($first)->and($thinned())->toBe(1);
});

it('shows at once what was logged, taken back, imported or put in force', function (Closure $change): void {
    $sheets = fn (): array => array_map($this->sheet, ['16w', '1y', 'all']);
    $sheets();
    $change($this->demo);
    $kept = $sheets();
    cache()->clear();
    expect($kept)->toBe($sheets());
})->with([
    'logged' => [fn (System $demo) => test()->post("/systems/{$demo->id}/journal", ['line' => 'no3 77'])],
    'a meal' => [fn (System $demo) => test()->post("/systems/{$demo->id}/journal", ['line' => 'fed 9 g'])],
    'a water change' => [fn (System $demo) => test()->post("/systems/{$demo->id}/journal", ['line' => 'wc 30 L'])],
    'a plan that ends a routine' => [
        fn (System $demo) => test()->post("/systems/{$demo->id}/journal", ['line' => 'feeding stopped']),
    ],
    'another kind' => [fn (System $demo) => $demo->entries()->where('kind', 'sock')->latest('id')->first()->update([
        'kind' => 'note',
        'payload' => ['text' => 'no sock'],
    ])],
    'binned' => [fn (System $demo) => $demo->entries()->where('kind', 'reading')->orderByDesc('id')->first()->delete()],
    'its note changed' => [fn (System $demo) => $demo->entries()->update(['note' => 'after a feed'])],
    'gone for good' => [fn (System $demo) => JournalEntry::query()->where('kind', 'media')->forceDelete()],
    'tank' => [fn (System $demo) => $demo->revisions()->create([
        'in_force_from' => '2023-03-01',
        'document' => [...$demo->revisions()->first()->document, 'sumpLitres' => 20],
    ])],
    'path taken back' => [fn (System $demo) => $demo->pathRevisions()->delete()],
    'assumption' => [
        fn (System $demo) => $demo->overlay(Assumed::RockDisplacement->value, new Overlay(0.42, 'weighed')),
    ],
]);

it('has another stamp after each change that a sheet shows, and the same one after others', function (): void {
    $stamp = fn (): ?string => System::query()->findOrFail($this->demo->id)->stamp;
    $changed = function (Closure $change) use ($stamp): bool {
        $before = $stamp();
        $change();

        return $before !== $stamp();
    };
    $demo = $this->demo;
    expect($changed(fn () => $demo->entries()->first()->delete()))->toBeTrue()
        ->and($changed(fn () => $demo->entries()->onlyTrashed()->first()->restore()))->toBeTrue()
        ->and($changed(fn () => (new RunningImport($demo))->run(fn (string $batch): null => null)))->toBeTrue()
        ->and($changed(fn () => $demo->revisions()->update(['in_force_from' => '2020-01-01'])))->toBeTrue()
        ->and($changed(fn () => $demo->pathRevisions()->update(['in_force_from' => '2020-01-01'])))->toBeTrue()
        ->and($changed(fn () => $demo->sumpRevisions()->update(['in_force_from' => '2020-01-01'])))->toBeTrue()
        ->and($changed(fn () => $demo->forceFill(['overlays' => ['x' => ['value' => 1, 'reason' => 'y']]])->save()))
        ->toBeTrue()
        ->and($changed(fn () => $demo->forceFill(['name' => 'Landing reef'])->save()))->toBeFalse()
        ->and(TideSheet::RANGES)->toHaveKey('all');
});
