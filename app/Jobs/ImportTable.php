<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exchange\ImportState;
use App\Exchange\TableImport;
use App\Exchange\TableMemory;
use App\Exchange\UnreadableFile;
use App\Exchange\UploadStore;
use App\Journal\ImportUnderWay;
use App\Journal\Learning;
use App\Models\System;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Ithys\Journal\Table\Choices;
use Throwable;

/** Saves a table that takes longer than a page should; its page shows how far it is. */
final class ImportTable implements ShouldQueue
{
    use Dispatchable, Queueable;

    /** A worker that was killed left nothing that is seen, so another begins anew. */
    public int $tries = 2;

    public bool $failOnTimeout = true;

    public int $timeout = 570;

    public function __construct(
        private readonly int $system,
        private readonly int $keeper,
        private readonly string $upload,
        private readonly ?string $separator,
        private readonly Choices $choices,
    ) {
    }

    public function handle(): void
    {
        $system = System::query()->find($this->system);
        $keeper = User::query()->find($this->keeper);
        if ($system === null || $keeper === null) {
            return;
        }
        $uploads = new UploadStore($system);
        $path = $uploads->path($this->upload);
        if ($path === null) {
            return;
        }
        $now = now()->toDateTimeImmutable();
        try {
            $import = TableImport::open($path, $system, $keeper, $now, $this->separator, $this->choices);
            $lines = $import->lines();
            $saved = $import->save(
                $uploads->originalName($this->upload),
                fn (int $line) => $uploads->note($this->upload, ImportState::runs($line, $lines)),
            );
        } catch (UnreadableFile|ImportUnderWay $problem) {
            // Another try would find the same.
            $uploads->note($this->upload, ImportState::failed($problem->getMessage()));

            return;
        }
        if ($saved->entries > 0) {
            $this->choices == new Choices ?: (new TableMemory($keeper, $system))->keep($import->layout, $this->choices);
            (new Learning($system->refresh()))->wanted();
        }
        $uploads->done($this->upload, ImportState::done($saved));
    }

    public function failed(?Throwable $fault): void
    {
        $fault === null || report($fault);
        $system = System::query()->find($this->system);
        $system === null ?: (new UploadStore($system))->note($this->upload, ImportState::failed(
            'The import broke off, and nothing of the file was saved. Try again with a part of the file.',
        ));
    }
}
