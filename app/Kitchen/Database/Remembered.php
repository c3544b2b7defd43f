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

    /** @var array<string, mixed> by question */
    private array $answers = [];

    /** @var array<string, array<string, true>> the questions whose answers stand on a table, by table */
    private array $on = [];

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
        if (! array_key_exists($question, $remembered->answers)) {
            $remembered->keep($question, $tables, $ask());
        }
        /** @var T $known whatever stands under a question was its answer */
        $known = $remembered->answers[$question];

        return $known;
    }

    /** What it was answered; null where it was not asked, or is out of date. */
    public static function known(string $question): mixed
    {
        return app(self::class)->answers[$question] ?? null;
    }

    /**
     * An answer that is known without asking: a record this request has just written.
     *
     * @param  list<string>  $tables
     */
    public static function put(string $question, array $tables, mixed $answer): void
    {
        app(self::class)->keep($question, $tables, $answer);
    }

    public static function forget(): void
    {
        $remembered = app(self::class);
        $remembered->answers = $remembered->on = [];
    }

    /** Forgets what a statement makes old: all of it when the statement does not say what it writes. */
    public static function written(string $statement): void
    {
        if (preg_match(self::WRITES, $statement, $written) !== 1) {
            self::forget();

            return;
        }
        $remembered = app(self::class);
        foreach ($remembered->on[$written[1]] ?? [] as $question => $stood) {
            unset($remembered->answers[$question]);
        }
        unset($remembered->on[$written[1]]);
    }

    /** @param  list<string>  $tables */
    private function keep(string $question, array $tables, mixed $answer): void
    {
        $this->answers[$question] = $answer;
        foreach ($tables as $table) {
            $this->on[$table][$question] = true;
        }
    }
}
