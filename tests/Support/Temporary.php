<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** A folder of this run in the temp folder, removed with all that is in it when the run ends. */
final class Temporary
{
    private static ?string $folder = null;

    /** A place for a file that is not there yet; the name keeps its ending. */
    public static function path(string $name = 'file'): string
    {
        return self::folder().'/'.bin2hex(random_bytes(5)).'-'.$name;
    }

    /** A file with this content. */
    public static function file(string $content = '', string $name = 'file'): string
    {
        $path = self::path($name);

        return file_put_contents($path, $content) === false
            ? throw new RuntimeException('There is no room for a temporary file.')
            : $path;
    }

    private static function folder(): string
    {
        if (self::$folder === null) {
            self::$folder = sys_get_temp_dir().'/ithys-tests-'.getmypid();
            mkdir(self::$folder, 0700, true);
            // Registered first, so it would run before browsers and servers that are stopped at the end have let go.
            $folder = self::$folder;
            $clear = static function () use ($folder): void {
                usleep(200_000);
                exec('rm -rf '.escapeshellarg($folder));
            };
            register_shutdown_function(static fn () => register_shutdown_function($clear));
        }

        return self::$folder;
    }
}
