<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use Illuminate\Console\Command;
use RuntimeException;
use Throwable;

/** Puts a copy back in the place of the data, after a copy of the present data was made. The server may run. */
final class Restore extends Command
{
    protected $signature = 'ithys:restore {file : A copy made by ithys:backup}';

    protected $description = 'Put a copy of the data back; what stands now is copied first';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        try {
            DataFile::check($file);
            $this->call('ithys:backup', ['--to' => storage_path('ithys/before-restore'), '--keep' => '5'])
                === self::SUCCESS || throw new RuntimeException('The present data could not be copied first.');
            $entries = DataFile::replaceBy($file);
            // A copy of an older version is brought up to this one.
            $this->callSilently('migrate', ['--force' => true]);
        } catch (Throwable $problem) {
            $this->error("Nothing was put back. {$problem->getMessage()}");

            return self::FAILURE;
        }
        $this->info('The data is that of '.basename($file).' again: '.number_format($entries).' journal entries.');

        return self::SUCCESS;
    }
}
