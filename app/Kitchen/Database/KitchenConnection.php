<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\SQLiteConnection;
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

    public function unprepared($query)
    {
        Remembered::forget();

        return parent::unprepared($query);
    }

    public function rollBack($toLevel = null)
    {
        Remembered::forget();
        parent::rollBack($toLevel);
    }
}
