<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * A connection to SQLite whose transactions take the write lock when they begin.
 *
 * A transaction that reads first and then writes is refused at once when another one wrote meanwhile; one that asks for
 * the lock first waits for its turn, as long as the busy timeout says.
 */
final class ImmediatePdo extends PDO
{
    private bool $open = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->open = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->open = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->open = false;
        // A full disk makes SQLite roll back by itself; then there is nothing left to undo.
        rescue(fn (): int|false => $this->exec('ROLLBACK'), report: false);

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
