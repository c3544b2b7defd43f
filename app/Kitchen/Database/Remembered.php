<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Closure;

/**
 * What a request has asked the database already, so that it asks once.
 *
 * An answer is forgotten with every write to a table it stands on, and all are at the begin of a transaction: what is
 * read under the lock was read after it was taken.
 */
final class Remembered
{
    private const WRITES = '/^\s*(?:insert|replace|update|delete)\b(?:\s+(?:or\s+\w+|into|from))*\s+"?(\w+)"?/i';

    /** @var array<string, array{list<string>, mixed}> the tables an answer stands on, and the answer, by question */
    private array $answers = [];

    /**
     * @template T
     *
     * @param  string  $question  names what is asked for, with everything the answer depends on
     * @param  list<string>  $tables  a write to any of them makes the answer old
     * @param  Closure(): T  $ask
     * @return T
     */
    public static function of(string $question, array $tables, Closure $ask): mixed
    {
        $remembered = app(self::class);
        if (! isset($remembered->answers[$question])) {
            $answer = $ask();
            $remembered->answers[$question] = [$tables, $answer];
        }
        /** @var T $known whatever stands under a question was its answer */
        $known = $remembered->answers[$question][1];

        return $known;
    }

    /**
     * An answer that is known without asking: a record this request has just written.
     *
     * @param  list<string>  $tables
     */
    public static function put(string $question, array $tables, mixed $answer): void
    {
        app(self::class)->answers[$question] = [$tables, $answer];
    }

    public static function forget(): void
    {
        app(self::class)->answers = [];
    }

    /** Forgets what a statement makes old: all of it when the statement does not say what it writes. */
    public static function written(string $statement): void
    {
        if (preg_match(self::WRITES, $statement, $written) !== 1) {
            self::forget();

            return;
        }
        $remembered = app(self::class);
        foreach ($remembered->answers as $question => [$tables]) {
            if (in_array($written[1], $tables, true)) {
                unset($remembered->answers[$question]);
            }
        }
    }
}
