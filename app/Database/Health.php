<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Whether the data file is whole, and when it was last copied. Kept in a file of its own beside it, since a damaged
 * data file cannot be asked.
 */
final class Health
{
    private const FILE = 'health.json';

    /** Looks through the data file and keeps what it found; true where it is whole. */
    public static function check(): bool
    {
        try {
            $verdict = DB::scalar('pragma quick_check(1)');
        } catch (Throwable $problem) {
            $verdict = $problem->getMessage();
        }
        self::keep(['checkedAt' => self::now(), 'damage' => $verdict === 'ok' ? null : (string) $verdict]);

        return $verdict === 'ok';
    }

    /** @param  ?string  $problem  why no copy was made */
    public static function copied(?string $file, ?string $problem = null): void
    {
        $was = self::state()['copy'] ?? null;
        self::keep(['copy' => $problem === null
            ? ['file' => $file, 'at' => self::now(), 'problem' => null]
            : ['file' => $was['file'] ?? null, 'at' => $was['at'] ?? null, 'problem' => $problem]]);
    }

    /** What to do where the data file is damaged; null where it was found whole. */
    public static function sentence(): ?string
    {
        $state = self::state();
        if (($state['damage'] ?? null) === null) {
            return null;
        }
        $copy = $state['copy']['file'] ?? null;

        return 'The data file is damaged: what you see may not be all of it. Do not rely on it, and save nothing new. '
            .($copy === null
                ? 'There is no copy that Ithys knows of. Keep the file storage/ithys as it is, and ask for help.'
                : "Put the last copy back on the server: php artisan ithys:restore {$copy}");
    }

    /** @return array{file: ?string, at: ?int, problem: ?string}|null the last copy; null where none was ever made */
    public static function copy(): ?array
    {
        $copy = self::state()['copy'] ?? null;

        return $copy === null ? null : [
            'file' => $copy['file'],
            'at' => $copy['at'] === null ? null : (new DateTimeImmutable($copy['at']))->getTimestamp(),
            'problem' => $copy['problem'],
        ];
    }

    /**
     * @return array{checkedAt?: string, damage?: ?string, copy?: array{file: ?string, at: ?string, problem: ?string}}
     */
    private static function state(): array
    {
        $path = self::path();
        $state = $path === null || ! is_file($path) ? null : json_decode((string) @file_get_contents($path), true);

        /**
         * @var array{
         *     checkedAt?: string,
         *     damage?: ?string,
         *     copy?: array{file: ?string, at: ?string, problem: ?string},
         * }
         */
        return is_array($state) ? $state : [];
    }

    /** @param  array<string, mixed>  $change */
    private static function keep(array $change): void
    {
        $path = self::path();
        if ($path === null) {
            return;
        }
        $json = json_encode([...self::state(), ...$change], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR);
        $part = "{$path}.".getmypid();
        @file_put_contents($part, $json) === false ?: @rename($part, $path);
    }

    private static function now(): string
    {
        return now()->utc()->format(DateTimeInterface::ATOM);
    }

    /** Null for data that is held in memory. */
    private static function path(): ?string
    {
        $database = DB::connection()->getDatabaseName();

        return is_file($database) ? "{$database}.".self::FILE : null;
    }
}
