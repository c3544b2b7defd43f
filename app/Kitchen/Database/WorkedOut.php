<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Closure;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** What takes long is worked out once for the same question: everything it depends on is in the question. */
final readonly class WorkedOut
{
    private const KEPT_SECONDS = 86_400;

    /**
     * @template T of object
     *
     * @param  class-string<T>  $what
     * @param  array<mixed>  $question  everything the answer depends on
     * @param  Closure(): T  $work
     * @return T
     */
    public static function of(string $what, array $question, Closure $work): object
    {
        $kept = self::kept([$what, $question], fn (mixed $one): bool => $one instanceof $what, $work);
        /** @var T $kept told by its class */

        return $kept;
    }

    /**
     * The same for an answer that is no object of the core.
     *
     * @param  array<mixed>  $question
     * @param  Closure(mixed): bool  $isOne  whether what was kept is such an answer
     * @param  Closure(): mixed  $work
     */
    public static function kept(array $question, Closure $isOne, Closure $work): mixed
    {
        // What an earlier version worked out is none of this one's: each is installed in a folder of its own.
        $key = hash('sha256', serialize([base_path(), ...$question]));
        $kept = Cache::get($key);
        if ($isOne($kept)) {
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
}
