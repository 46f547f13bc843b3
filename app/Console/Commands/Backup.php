<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\Health;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Throwable;

/** Keeps copies of the data, the newest so many. Safe while keepers write. */
final class Backup extends Command
{
    protected $signature = 'ithys:backup
        {--to= : Folder of the copies; storage/ithys/backups when left out. Another disk is better}
        {--keep=14 : How many copies stay}';

    protected $description = 'Copy the data while the server runs, check the copy, and drop the oldest';

    public function handle(): int
    {
        $to = $this->option('to');
        $folder = is_string($to) && $to !== '' ? rtrim($to, '/') : storage_path('ithys/backups');
        $keep = (int) $this->option('keep');
        if ($keep < 1) {
            $this->complain('--keep needs a number of copies, at least 1.');

            return self::INVALID;
        }
        try {
            Health::check() || throw new RuntimeException((string) Health::sentence());
            File::ensureDirectoryExists($folder, 0700);
            $file = $folder.'/ithys-'.now()->utc()->format('Y-m-d\THis.v\Z').'.sqlite';
            $entries = DataFile::copyTo($file);
        } catch (Throwable $problem) {
            $this->complain("No copy was made. {$problem->getMessage()}");
            Health::copied(null, $problem->getMessage());

            return self::FAILURE;
        }
        Health::copied($file);
        if ((stat($folder)['dev'] ?? null) === (stat(dirname($this->database()))['dev'] ?? -1)) {
            $this->line('The copy is on the same disk as the data. Give --to a folder on another disk.');
        }
        $this->info(
            sprintf(
                '%s holds %s journal entries and is whole (%s kB).',
                $file,
                number_format($entries),
                number_format(filesize($file) / 1024),
            ),
        );
        // Only what this command wrote is dropped.
        $copies = glob("{$folder}/ithys-????-??-??T??????.???Z.sqlite") ?: [];
        sort($copies);
        foreach (array_slice($copies, 0, -$keep) as $old) {
            File::delete([$old, "{$old}.sha256"]);
            $this->line("{$old} is dropped; {$keep} stay.");
        }

        return self::SUCCESS;
    }

    /** To where errors are heard: a timetable throws the rest away. */
    private function complain(string $sentence): void
    {
        $this->getOutput()->getErrorStyle()->writeln("<error>{$sentence}</error>");
    }

    private function database(): string
    {
        return DB::connection()->getDatabaseName();
    }
}
