<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Row;
use App\Kitchen\Database\Trouble;
use App\Kitchen\Setting;
use Closure;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** What takes seconds to work out is kept until a fish of the ledger changes, or a setting of the house. */
final readonly class LedgerState
{
    private const KEPT_SECONDS = 86_400;

    /**
     * @template T of array<array-key, mixed>
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function remembered(string $question, Closure $work): array
    {
        $key = 'log:'.hash('sha256', self::now()."\n".$question);
        $kept = Cache::get($key);
        if (is_array($kept)) {
            /** @var T $kept what was put there was an answer */
            return $kept;
        }
        $answer = $work();
        try {
            Cache::put($key, $answer, self::KEPT_SECONDS);
        } catch (Throwable $e) {
            // Where a disk takes no more, it is worked out again the next time.
            Trouble::of($e) === null && throw $e;
        }

        return $answer;
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
