<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use Closure;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Throwable;

/**
 * An import that writes its rows a few at a time, so that nobody else waits long for a save.
 *
 * Its batch is marked as running, and the journal leaves out the entries of such a batch; taking the mark away shows
 * them all at once. What a killed import left behind is never seen, and is cleared away by the next one.
 */
final readonly class RunningImport
{
    private const CLEARED_AT_ONCE = 2000;

    public function __construct(private System $system)
    {
    }

    /** Leaves out entries of a batch that is not whole yet. */
    public static function leaveOut(Builder $entries): void
    {
        $entries->whereNotIn('batch', DB::table('running_imports')->select('batch'));
    }

    /**
     * @template T
     *
     * @param  Closure(string): T  $write  writes the entries of the batch it is given
     * @return T
     *
     * @throws ImportUnderWay while another import writes into this tank
     */
    public function run(Closure $write): mixed
    {
        return $this->alone(function () use ($write): mixed {
            $this->clear();
            $batch = (string) Str::ulid();
            DB::table('running_imports')->insert(['batch' => $batch, 'system_id' => $this->system->id]);
            try {
                $result = $write($batch);
                DB::table('running_imports')->where('batch', $batch)->delete();

                return $result;
            } catch (Throwable $problem) {
                // Where even this fails, as on a full disk, the next import clears away what is left.
                rescue($this->clear(...), report: false);
                throw $problem;
            }
        });
    }

    /** Clears away what a killed import left; false while one is under way. */
    public function clearLeftovers(): bool
    {
        try {
            $this->alone($this->clear(...));

            return true;
        } catch (ImportUnderWay) {
            return false;
        }
    }

    private function clear(): void
    {
        foreach (DB::table('running_imports')->where('system_id', $this->system->id)->pluck('batch') as $batch) {
            do {
                $ids = DB::table('entries')
                    ->where('system_id', $this->system->id)
                    ->where('batch', $batch)
                    ->limit(self::CLEARED_AT_ONCE)
                    ->pluck('id');
                DB::table('entries')->whereIn('id', $ids)->delete();
            } while ($ids->count() === self::CLEARED_AT_ONCE);
            DB::table('imports')->where('batch', $batch)->delete();
            DB::table('running_imports')->where('batch', $batch)->delete();
        }
    }

    /**
     * Works with the tank's imports to itself. The lock is the operating system's and goes with the process, however
     * that ends.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws ImportUnderWay when another process has the lock
     */
    private function alone(Closure $work): mixed
    {
        $folder = storage_path('ithys/locks');
        File::ensureDirectoryExists($folder, 0700);
        $handle = fopen("{$folder}/import-".md5(DB::connection()->getDatabaseName())."-{$this->system->id}", 'c');
        if ($handle === false || ! flock($handle, LOCK_EX | LOCK_NB)) {
            throw ImportUnderWay::intoThisTank();
        }
        try {
            return $work();
        } finally {
            fclose($handle);
        }
    }
}
