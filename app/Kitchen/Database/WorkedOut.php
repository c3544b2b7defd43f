<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Closure;
use Illuminate\Support\Facades\Cache;
use ReflectionClass;
use Throwable;

/** What the core works out for long is worked out once for the same question: it is all in the question. */
final readonly class WorkedOut
{
    private const KEPT_SECONDS = 86_400;

    /**
     * @template T of object
     *
     * @param  class-string<T>  $what  an answer of another version of this class is none
     * @param  array<mixed>  $question  everything the answer depends on
     * @param  Closure(): T  $work
     * @return T
     */
    public static function of(string $what, array $question, Closure $work): object
    {
        $written = (new ReflectionClass($what))->getFileName();
        $key = hash('sha256', serialize([$what, filemtime((string) $written), $question]));
        $kept = Cache::get($key);
        if ($kept instanceof $what) {
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
