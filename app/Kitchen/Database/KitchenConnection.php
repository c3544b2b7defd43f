<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Closure;
use Generator;
use Illuminate\Database\SQLiteConnection;
use stdClass;
use Throwable;

/**
 * The kitchen's database: an action takes the lock to write as it begins, and nothing it does after that can find it
 * taken.
 *
 * So an action that does not get its turn in time has done nothing yet, and is begun again, a few times; what is still
 * busy then is answered as busy. Each wait is bounded by the connection's busy timeout.
 */
final class KitchenConnection extends SQLiteConnection
{
    private const TRIES = 3;

    /** Between two tries, so that two that met do not meet again. */
    private const PAUSE_US = [5_000, 40_000];

    public function beginTransaction()
    {
        for ($try = 1; ; $try++) {
            try {
                parent::beginTransaction();

                return;
            } catch (Throwable $e) {
                if ($try === self::TRIES || $this->transactionLevel() > 0 || Trouble::of($e)?->passes() !== true) {
                    throw $e;
                }
                usleep(random_int(...self::PAUSE_US));
            }
        }
    }

    /** Begun for real: not deferred, whatever the version of PHP. */
    protected function executeBeginTransactionStatement()
    {
        Remembered::forget();
        $this->getPdo()->beginTransaction();
    }

    /** @param  array<array-key, mixed>  $bindings */
    public function statement($query, $bindings = [])
    {
        Remembered::written($query);

        return parent::statement($query, $bindings);
    }

    /** @param  array<array-key, mixed>  $bindings */
    public function affectingStatement($query, $bindings = [])
    {
        Remembered::written($query);

        return parent::affectingStatement($query, $bindings);
    }

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     * @param  bool  $useReadPdo
     * @return Generator<int, stdClass>
     */
    public function cursor($query, $bindings = [], $useReadPdo = true)
    {
        // Its rows are fetched while other things are asked, maybe the same: from its first row on it is nobody else's.
        $this->lend($query);
        $rows = parent::cursor($query, $bindings, $useReadPdo);
        $any = $rows->valid();
        $this->lend($query);
        for (; $any; $any = $rows->valid()) {
            yield $rows->current();
            $rows->next();
        }
    }

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     */
    protected function runQueryCallback($query, $bindings, Closure $callback)
    {
        try {
            return parent::runQueryCallback($query, $bindings, $callback);
        } catch (Throwable $e) {
            // What broke off in the middle is not run again as it is.
            $this->lend($query);
            throw $e;
        }
    }

    /** Opens nothing: what could not be opened has nothing ready. */
    private function lend(string $query): void
    {
        if ($this->pdo instanceof ImmediatePdo) {
            $this->pdo->lent($query);
        }
    }

    public function setPdo($pdo)
    {
        $this->lendAll();

        return parent::setPdo($pdo);
    }

    public function __destruct()
    {
        $this->lendAll();
    }

    private function lendAll(): void
    {
        if ($this->pdo instanceof ImmediatePdo) {
            $this->pdo->lendAll();
        }
    }

    /** What nobody listens to is not told: each question would tell of two things. */
    protected function event($event): void
    {
        if (is_object($event) && $this->events?->hasListeners($event::class) === true) {
            parent::event($event);
        }
    }

    public function unprepared($query)
    {
        Remembered::forget();
        $this->lendAll();

        return parent::unprepared($query);
    }

    public function rollBack($toLevel = null)
    {
        Remembered::forget();
        parent::rollBack($toLevel);
    }
}
