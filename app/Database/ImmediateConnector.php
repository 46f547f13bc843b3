<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/** Opens the keeper's data file. */
final class ImmediateConnector extends SQLiteConnector
{
    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        self::mendSideFiles(is_string($config['database'] ?? null) ? $config['database'] : '');

        return parent::connect($config);
    }

    /**
     * @param  string  $dsn
     * @param  ?string  $username
     * @param  ?string  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }

    /**
     * While the data file is read-only SQLite makes its side files read-only too, and they stay so when the file is
     * writable again.
     */
    private static function mendSideFiles(string $database): void
    {
        $mode = is_file($database) ? (int) fileperms($database) & 0777 : 0;
        foreach (["{$database}-wal", "{$database}-shm"] as $side) {
            if (($mode & 0200) !== 0 && is_file($side) && ((int) fileperms($side) & 0200) === 0) {
                @chmod($side, $mode);
                clearstatcache(true, $side);
            }
        }
    }
}
