<?php

declare(strict_types=1);

use App\Exchange\ImportState;
use App\Exchange\UploadStore;
use App\Jobs\ImportTable;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Ithys\Journal\Table\Choices;

beforeEach(function (): void {
    config(['queue.default' => 'database', 'app.import_rows_at_once' => 1000]);
    $this->actingAs($this->keeper = User::factory()->create(['timezone' => 'Europe/Berlin']));
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->path = "/systems/{$this->system->id}/import";
    $this->jobs = fn (): int => DB::table('jobs')->where('payload', 'like', '%ImportTable%')->count();
    $this->upload = fn (string $content): string => (string) $this->post($this->path, [
        'file' => UploadedFile::fake()->createWithContent('mine.csv', $content),
    ])->assertSessionHasNoErrors()->headers->get('Location');
});

afterEach(fn () => File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}")));

it('previews the first rows of a long table, and saves it beside the pages', function (): void {
    $rows = array_map(
        static fn (int $i): string => gmdate('Y-m-d\TH:i\Z', 1_500_000_000 + 600 * $i).($i % 400 === 0 ? ',x' : ',8.5'),
        range(1, 1300),
    );
    $address = ($this->upload)("date,nitrate\n".implode("\n", $rows)."\n");
    $preview = $this->get($address)->assertOk()->inertiaProps('preview');
    expect($preview['isWhole'])->toBeFalse()
        ->and($preview['counts']['accepted'])->toBe(998)
        ->and($preview['counts']['refused'])->toBe(2);

    $this->post($address)->assertRedirect($address);
    expect($this->get($address)->inertiaProps('state.is'))->toBe('waits')
        ->and(($this->jobs)())->toBe(1)
        ->and(JournalEntry::query()->count())->toBe(0);
    // Pressed twice, it is saved once.
    $this->post($address)->assertRedirect($address);
    expect(($this->jobs)())->toBe(1);

    $this->artisan('queue:work', ['--once' => true, '--stop-when-empty' => true]);
    $state = $this->get($address)->assertOk()->inertiaProps('state');
    expect($state['is'])->toBe('done')
        ->and($state['saved'])->toBe(1297)
        ->and($state['leftOut'])->toBe(3)
        ->and($state['why'][0])->toContain('Line 401: ')->toContain('“x” is no nitrate figure')
        ->and(JournalEntry::query()->count())->toBe($state['saved']);
    $this->post($state['takeBack'])->assertSessionHasNoErrors();
    expect(JournalEntry::query()->count())->toBe(0);
});

it('shows how far it is', function (): void {
    $address = ($this->upload)("date,nitrate\n2026-03-04,8\n");
    (new UploadStore($this->system))->note(basename($address), ImportState::runs(12_000, 30_000));
    expect($this->get($address)->inertiaProps('state'))->toMatchArray(['line' => 12_000, 'lines' => 30_000]);
});

it('says why nothing was saved, and keeps nothing half', function (): void {
    $address = ($this->upload)("date,nitrate\n2026-03-04,8\n");
    file_put_contents(
        (string) (new UploadStore($this->system))->path(basename($address)),
        "date,nitrate\n".str_repeat("2026-03-04,8\n", 1000)."2026-03-05,\"8\n",
    );
    $job = fn (): ImportTable => new ImportTable(
        $this->system->id,
        $this->keeper->id,
        basename($address),
        null,
        new Choices,
    );
    $job()->handle();
    expect($this->get($address)->inertiaProps('state'))->toMatchArray(['is' => 'failed', 'takeBack' => null])
        ->and($this->get($address)->inertiaProps('state.problem'))->toContain('quote')
        ->and(JournalEntry::query()->count())->toBe(0);
    $job()->failed(null);
    expect($this->get($address)->inertiaProps('state.problem'))->toContain('nothing of the file was saved');
});
