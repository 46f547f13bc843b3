<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use Illuminate\Support\Facades\DB;

/** The files that were read into a journal, newest first, with how much of each is still there. */
final class PastImports
{
    /** @return list<array{t: int, file: string, entries: int, binned: int, takeBack: string, putBack: string}> */
    public static function of(System $system): array
    {
        return array_values(DB::table('imports')
            ->where('imports.system_id', $system->id)
            ->join('entries', static function ($join): void {
                $join->on('entries.system_id', '=', 'imports.system_id')->on('entries.batch', '=', 'imports.batch');
            })
            ->groupBy('imports.batch')
            ->orderByDesc('imports.created_at')
            ->selectRaw(
                'imports.batch, imports.file, imports.created_at, sum(entries.deleted_at is null) as entries, '
                    .'sum(entries.deleted_at is not null) as binned',
            )
            ->get()
            ->map(static fn (object $import): array => [
                't' => Journal::moment($import->created_at)->getTimestamp(),
                'file' => (string) $import->file,
                'entries' => (int) $import->entries,
                'binned' => (int) $import->binned,
                'takeBack' => route('journal.undo', [$system, $import->batch]),
                'putBack' => route('bin.restore-batch', [$system, $import->batch]),
            ])
            ->all());
    }
}
