<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ScratchDatabase;
use App\Exchange\TableImport;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

/**
 * Times preview and saving of a large file, with the memory they take, beside the sqlite3 shell's own import of the
 * same file.
 */
final class BenchImport extends Command
{
    protected $signature = 'bench:import {--rows=100000}';

    protected $description = 'Time the import of many readings beside sqlite3 .import of the same file';

    public function handle(): int
    {
        $scratch = ScratchDatabase::make();
        $file = $scratch->path.'.csv';
        $rows = (int) $this->option('rows');
        $this->write($file, $rows);
        DB::connection()->disableQueryLog();
        $floor = memory_get_usage();
        memory_reset_peak_usage();

        $start = hrtime(true);
        $import = TableImport::open($file, $scratch->system, $scratch->keeper, new DateTimeImmutable);
        $counts = $import->preview('all', 1, 100)['counts'];
        $previewed = hrtime(true);
        $saved = $import->save('bench.csv')->entries;
        $done = hrtime(true);
        $peak = (memory_get_peak_usage() - $floor) / 1_048_576;

        $shell = $scratch->path.'.shell';
        $shellStart = hrtime(true);
        $ran = Process::run(['sqlite3', $shell, '-cmd', '.mode csv', ".import {$file} readings"]);
        $shellDone = hrtime(true);

        $this->line(
            sprintf(
                '%s rows, %.1f MB: of those previewed %s accepted, %s readings saved',
                number_format($rows),
                (int) filesize($file) / 1_048_576,
                number_format($counts['accepted']),
                number_format($saved),
            ),
        );
        $this->line(
            sprintf(
                'preview %.2f s, saving %.2f s, peak memory %.1f MB above the framework',
                ($previewed - $start) / 1e9,
                ($done - $previewed) / 1e9,
                $peak,
            ),
        );
        $this->line(
            $ran->successful()
                ? sprintf('sqlite3 .import of the same file, text only: %.2f s', ($shellDone - $shellStart) / 1e9)
                : 'sqlite3 is not installed here, so there is nothing to compare with',
        );
        $scratch->drop();

        return self::SUCCESS;
    }

    private function write(string $file, int $rows): void
    {
        $out = fopen($file, 'wb');
        if ($out === false) {
            return;
        }
        fwrite($out, "date,parameter,value,unit,method,note\n");
        $at = new DateTimeImmutable('2012-01-01 08:00Z');
        for ($i = 0; $i < $rows; $i++) {
            $at = $at->modify('+1 hour');
            fwrite(
                $out,
                $at->format('Y-m-d\TH:iP')
                    .($i % 2 === 0 ? ',no3,'.(5 + ($i % 70) / 10) : ',po4,'.(0.02 + ($i % 13) / 100))
                    .",ppm,photometer,\n",
            );
        }
        fclose($out);
    }
}
