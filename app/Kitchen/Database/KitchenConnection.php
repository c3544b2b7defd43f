<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;
use Throwable;

/**
 * The kitchen's database: a write waits its turn, and what did not get one in time is tried again as a whole, a few times.
 *
 * Each wait is bounded by the connection's busy timeout; what is still busy after the last try is answered as busy.
 */
final class KitchenConnection extends SQLiteConnection
{
    private const TRIES = 3;

    /** Between two tries, so that two that met do not meet again. */
    private const PAUSE_US = [5_000, 40_000];

    /**
     * @param  int  $attempts
     * @return mixed
     */
    public function transaction(Closure $callback, $attempts = 1)
    {
        for ($try = 1; ; $try++) {
            try {
                return parent::transaction($callback, $attempts);
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
        $this->getPdo()->beginTransaction();
    }
}
