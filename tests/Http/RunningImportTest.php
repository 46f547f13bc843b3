<?php

declare(strict_types=1);

use App\Journal\Fingerprint;
use App\Journal\ImportUnderWay;
use App\Journal\Journal;
use App\Journal\RunningImport;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;

// An import writes a few rows at a time; what is seen of it is nothing or all.

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->import = new RunningImport($this->system);
    $this->entry = new Entry(new DateTimeImmutable('2026-03-04 20:15'), Reading::of(Parameter::Nitrate, 8.5));
    $this->write = fn (string $batch) => $this->system->entries()->create([
        'batch' => $batch,
        'kind' => $this->entry->kind()->key(),
        'occurred_at' => $this->entry->at,
        'payload' => $this->entry->payload->toArray(),
        'fingerprint' => Fingerprint::of($this->entry),
    ]);
    $this->stored = fn (): int => DB::table('entries')->where('system_id', $this->system->id)->count();
});

it('shows nothing of an import before it is whole, and then all', function (): void {
    $this->import->run(function (string $batch): void {
        ($this->write)($batch);
        expect(JournalEntry::query()->count())->toBe(0)
            ->and((new Journal($this->system))->rows()->count())->toBe(0)
            ->and(($this->stored)())->toBe(1);
        $this->get("/systems/{$this->system->id}/readings.csv")->assertOk();
    });
    expect(JournalEntry::query()->count())->toBe(1)->and((new Journal($this->system))->rows()->count())->toBe(1);
});

it('leaves nothing of an import that fails', function (): void {
    expect(fn () => $this->import->run(function (string $batch): never {
        ($this->write)($batch);
        throw new RuntimeException('broken on purpose');
    }))->toThrow(RuntimeException::class, 'broken on purpose')
        ->and(($this->stored)())->toBe(0)
        ->and(DB::table('running_imports')->count())->toBe(0);
});

it('lets one import at a time into a tank', function (): void {
    $this->import->run(function (): void {
        expect(fn () => $this->import->run(fn (): int => 1))
            ->toThrow(ImportUnderWay::class)
            ->and((new RunningImport(System::factory()->ownedBy($this->keeper)->create()))->run(fn (): int => 1))
            ->toBe(1);
    });
});

it('clears away what a killed import left, whether the next is an import or the same reading by hand', function (
    Closure $next,
): void {
    DB::table('running_imports')->insert(['batch' => 'killed', 'system_id' => $this->system->id]);
    ($this->write)('killed');
    expect(JournalEntry::query()->count())->toBe(0);
    $next->call($this);
    expect(JournalEntry::query()->count())->toBe(1)
        ->and(($this->stored)())->toBe(1)
        ->and(DB::table('running_imports')->count())->toBe(0);
})->with([
    'an import' => [
        function (): void {
            $address = $this->post("/systems/{$this->system->id}/import", [
                'file' => UploadedFile::fake()->createWithContent('a.csv', "date,nitrate\n2026-03-04 20:15,8.5\n"),
            ])->headers->get('Location');
            $this->post((string) $address)->assertSessionHasNoErrors();
            File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}"));
        },
    ],
    'by hand' => [
        function (): void {
            (new Journal($this->system))->record([$this->entry], $this->keeper);
        },
    ],
]);

it('keeps the note of what is recorded', function (): void {
    (new Journal($this->system))->record(
        [new Entry($this->entry->at, $this->entry->payload, note: 'after the move')],
        $this->keeper,
    );
    expect(JournalEntry::query()->sole()->note)->toBe('after the move');
});

it('refuses words that are longer than the journal keeps, and says so', function (): void {
    $csv
        = 'date,nitrate,method,note'
        ."\n2026-03-04 20:15,8.5,"
        .str_repeat('m', 81)
        .",\n2026-03-05 20:15,8.5,,"
        .str_repeat('n', 501)
        ."\n2026-03-06 20:15,8.5,"
        .str_repeat('m', 80)
        .','
        .str_repeat('n', 500)
        ."\n";
    $address = (string) $this->post("/systems/{$this->system->id}/import", [
        'file' => UploadedFile::fake()->createWithContent('a.csv', $csv),
    ])->headers->get('Location');
    $rows = $this->get($address)->inertiaProps('preview.rows');
    expect(array_map(fn (array $row): ?string => $row['leftOut'][0] ?? null, $rows))->toBe([
        'The method has 81 characters; at most 80 are kept. Shorten it.',
        'The note has 501 characters; at most 500 are kept. Shorten it.',
        null,
    ]);
    File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}"));
});
