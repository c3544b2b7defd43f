<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Row;
use App\Kitchen\Database\WorkedOut;
use App\Kitchen\Setting;
use Closure;

/** What takes seconds to work out is kept until a fish of the ledger changes, or a setting of the house. */
final readonly class LedgerState
{
    /**
     * @template T of array<array-key, mixed>
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function remembered(string $question, Closure $work): array
    {
        $kept = WorkedOut::kept(['log', self::now(), $question], is_array(...), $work);
        /** @var T $kept told by its being an array */

        return $kept;
    }

    /** Differs whenever something differs that an answer may stand on. */
    private static function now(): string
    {
        $rows = Row::maybe(
            LoggedFish::rows()
                ->selectRaw('count(*) as many, sum(version) as versions')
                ->selectRaw('(select max(number) from logged_fish) as last')
                ->selectRaw('(select max(entered_at) from logged_fish) as at')
                ->first(),
        );
        $database = config('database.connections.sqlite.database');

        return json_encode([
            is_string($database) ? $database : '',
            app()->getLocale(),
            // What was kept under another contract is no answer any more.
            filemtime(base_path('contract/log.yaml')),
            $rows?->text('many'),
            $rows?->text('versions'),
            $rows?->text('last'),
            $rows?->text('at'),
            Setting::query()->max('changed_at'),
        ], JSON_THROW_ON_ERROR);
    }
}
