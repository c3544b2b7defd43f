<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use PDO;
use PDOException;

/**
 * A connection to SQLite whose transactions take the write lock as they begin.
 *
 * PDO begins them deferred: two that read first and write then can only fail, at once and without waiting. The
 * framework's own setting for this is obeyed from PHP 8.4 on.
 */
final class ImmediatePdo extends PDO
{
    private bool $open = false;

    public function beginTransaction(): bool
    {
        $this->exec('begin immediate');

        return $this->open = true;
    }

    public function commit(): bool
    {
        $this->exec('commit');
        $this->open = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->open = false;
        // SQLite has rolled back already where the disk was full or the file could not be read.
        @$this->exec('rollback');

        return true;
    }

    /** Undoes whatever is not finished; nothing, where nothing was begun. */
    public function abandon(): void
    {
        try {
            $this->rollBack();
        } catch (PDOException) {
            // Nothing was begun.
        }
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
