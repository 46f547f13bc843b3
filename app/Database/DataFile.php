<?php

declare(strict_types=1);

namespace App\Database;

use Exception;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use SQLite3;
use Throwable;

/** The keeper's data file: copied whole while others write, and put back whole while others read. */
final class DataFile
{
    /** How long a restore waits for a save that is being written, milliseconds. */
    private const PATIENCE = 30_000;

    /**
     * Copies the data as it is at one moment. Saves go on meanwhile and are not in the copy.
     *
     * @return int entries of all journals in the copy
     *
     * @throws RuntimeException when the copy is not whole; none is left then
     */
    public static function copyTo(string $file): int
    {
        $part = "{$file}.part";
        @unlink($part);
        try {
            // One read transaction: it sees one moment, and neither waits for writers nor makes them wait.
            DB::statement('vacuum into ?', [$part]);
            $entries = self::check($part);
            chmod($part, 0600);
            // A flipped bit in a figure leaves the file whole; only its sum tells.
            file_put_contents("{$file}.sha256", hash_file('sha256', $part).'  '.basename($file)."\n");
            rename($part, $file) || throw new RuntimeException("The copy could not be named {$file}.");

            return $entries;
        } catch (Throwable $problem) {
            @unlink($part);
            throw $problem;
        }
    }

    /**
     * Puts a copy in the place of the data, page by page within one transaction, so that a running server sees the old
     * data or the new.
     *
     * @return int entries of all journals in it
     *
     * @throws RuntimeException when the copy is not whole or the data cannot be written
     */
    public static function replaceBy(string $file): int
    {
        $entries = self::check($file);
        $database = DB::connection()->getDatabaseName();
        DB::disconnect();
        $from = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $to = new SQLite3($database);
        $to->busyTimeout(self::PATIENCE);
        try {
            $from->backup($to)
                || throw new RuntimeException('The data could not be put back: '.$to->lastErrorMsg().'.');
        } finally {
            $from->close();
            $to->close();
        }

        return $entries;
    }

    /**
     * @return int entries of all journals
     *
     * @throws RuntimeException with the reason why this is no whole data file of Ithys
     */
    public static function check(string $file): int
    {
        is_file($file) || throw new RuntimeException("There is no file {$file}.");
        $sum = is_file("{$file}.sha256") ? strtok((string) file_get_contents("{$file}.sha256"), ' ') : false;
        $sum === false || hash_file('sha256', $file) === $sum
            || throw new RuntimeException("{$file} is damaged: it is not what was copied.");
        try {
            $copy = new SQLite3($file, SQLITE3_OPEN_READONLY);
            $copy->enableExceptions(true);
            $verdict = $copy->querySingle('pragma integrity_check');
            $stranger = $copy->querySingle('pragma foreign_key_check');
            $migrations = $copy->querySingle("select group_concat(migration, ' ') from migrations");
            $entries = $copy->querySingle('select count(*) from entries');
        } catch (Exception $problem) {
            throw new RuntimeException(
                "{$file} is not a data file of Ithys: {$problem->getMessage()}.",
                previous: $problem,
            );
        }
        ($verdict === 'ok' && $stranger === null) || throw new RuntimeException("{$file} is damaged.");
        $known = array_map(
            static fn (string $path): string => basename($path, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
        array_diff(explode(' ', is_string($migrations) ? $migrations : ''), $known) === []
            || throw new RuntimeException("{$file} was written by a newer Ithys than this one.");

        return is_int($entries) ? $entries : 0;
    }
}
