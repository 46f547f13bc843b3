<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Why the data file did not take a save, in a sentence; nothing of that save stands in it. */
final class StorageTrouble extends HttpException
{
    /** Null for any other fault of the database, which is ours and not the storage's. */
    public static function from(PDOException $problem): ?self
    {
        $message = $problem->getMessage();

        return match (true) {
            str_contains($message, 'database is locked'),
            str_contains($message, 'database table is locked') => new self(
                503,
                'Another save is being written just now. Yours was not saved and is still here; try again in a moment.',
                $problem,
            ),
            str_contains($message, 'database or disk is full'), str_contains($message, 'disk I/O error') => new self(
                507,
                'The disk of the server is full or broken. Nothing was saved; what you typed is still here. Make '
                    .'room, then try again.',
                $problem,
            ),
            str_contains($message, 'readonly database') => new self(
                503,
                'The server may read its data file but not write it. Nothing was saved; what you typed is still here.',
                $problem,
            ),
            str_contains($message, 'malformed'),
            str_contains($message, 'file is not a database') => self::damaged($problem),
            default => null,
        };
    }

    /** The data file is not whole; what it still shows may not be all of it. */
    public static function damaged(?PDOException $problem = null): self
    {
        Health::check();

        return new self(500, Health::sentence() ?? 'The data file cannot be read. Try again in a moment.', $problem);
    }
}
