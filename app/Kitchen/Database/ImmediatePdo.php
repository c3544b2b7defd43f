<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use PDO;
use PDOStatement;

/**
 * A connection to SQLite whose transactions take the write lock as they begin.
 *
 * PDO begins them deferred: two that read first and write then can only fail, at once and without waiting. The
 * framework's own setting for this is obeyed from PHP 8.4 on. What was asked once is kept ready to be asked again.
 */
final class ImmediatePdo extends PDO
{
    /** Statements kept ready at most. */
    private const MOST_READY = 256;

    /** What reads or writes rows; anything else may change what a row is. */
    private const ROWS = '/^\s*(?:select|insert|update|delete|with)\b/i';

    private bool $open = false;

    /** @var array<string, PDOStatement> by what they ask */
    private array $ready = [];

    /**
     * To make a statement ready takes SQLite ten times as long as to run it, most of all where triggers watch: one that
     * was run is run again as it is. Its rows must have been fetched by then.
     *
     * @param  array<array-key, mixed>  $options
     */
    public function prepare(string $query, array $options = []): PDOStatement|false
    {
        $rows = preg_match(self::ROWS, $query) === 1;
        if (! $rows || count($this->ready) >= self::MOST_READY) {
            $this->lendAll();
        }
        if (! $rows || $options !== []) {
            return parent::prepare($query, $options);
        }
        $statement = $this->ready[$query] ?? parent::prepare($query);
        if ($statement !== false) {
            $this->ready[$query] = $statement;
        }

        return $statement;
    }

    /** Whatever asks this next does not disturb who still fetches rows of it. */
    public function lent(string $query): void
    {
        unset($this->ready[$query]);
    }

    /** A statement holds the connection it was made on, which would stay open as long as it holds the statement. */
    public function lendAll(): void
    {
        $this->ready = [];
    }

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
        // Where nothing was begun, that it fails says nothing.
        $this->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_SILENT);
        $this->rollBack();
        $this->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
