<?php

declare(strict_types=1);

namespace Tests;

use App\Kitchen\Database\Remembered;
use Closure;
use Illuminate\Support\Facades\DB;

/** Counts what a request asks of the database. */
trait AsksAtMost
{
    /**
     * @template T
     *
     * @param  Closure(): T  $asks
     * @return T
     */
    protected function assertAsksAtMost(int $budget, Closure $asks, string $what = ''): mixed
    {
        // A request finds nothing remembered from the one before.
        Remembered::forget();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $answer = $asks();
        $asked = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();
        // A test signs its person in beforehand; a request reads that row too.
        self::assertLessThanOrEqual($budget, count($asked) + 1, "{$what}\n".implode("\n", $asked));

        return $answer;
    }
}
