<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * A file that records what the server says, so that the other side can be held to it.
 *
 * A difference fails the test. `GOLDEN=write bin/test …` writes the file anew where the change is meant.
 */
final class Golden
{
    public static function json(string $name, mixed $data): void
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;
        // One row a line, so that a difference can be read.
        $json = str_replace(['],[', '},"', '],"'], ["],\n[", "},\n\"", "],\n\""], json_encode($data, $flags));
        self::text("{$name}.json", "{$json}\n");
    }

    public static function text(string $file, string $text): void
    {
        $path = dirname(__DIR__)."/golden/{$file}";
        if (getenv('GOLDEN') === 'write') {
            file_put_contents($path, $text);
        }
        expect($text)->toBe(is_file($path) ? (string) file_get_contents($path) : '', "{$file} says something else.");
    }
}
