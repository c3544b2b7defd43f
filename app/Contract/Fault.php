<?php

declare(strict_types=1);

namespace App\Contract;

use App\Kitchen\Format\Words;
use RuntimeException;
use Sectum\Refusal;

/** A request that is refused, with the sentence the cook will read and where it belongs. */
final class Fault extends RuntimeException
{
    /**
     * @param  array<string, string>  $pointers  JSON pointer of each fault with its sentence; empty when no field is to
     *     blame
     * @param  array<string, mixed>  $more  further members of the problem document
     */
    private function __construct(
        public readonly int $status,
        string $sentence,
        public readonly array $pointers = [],
        public readonly array $more = [],
    ) {
        parent::__construct($sentence);
    }

    public static function inField(string $pointer, string $sentence): self
    {
        return new self(422, $sentence, [$pointer => $sentence]);
    }

    /**
     * What the core makes of one field; what it refuses is said at that field.
     *
     * @template T
     *
     * @param  string  $pointer  JSON pointer of the field
     * @param  callable(): T  $make
     * @return T
     *
     * @throws self
     */
    public static function at(string $pointer, callable $make): mixed
    {
        try {
            return $make();
        } catch (Refusal $refusal) {
            throw self::inField($pointer, Words::refused($refusal));
        }
    }

    /**
     * What the core makes of an object of many fields; it says itself which of them it refuses.
     *
     * @template T
     *
     * @param  string  $pointer  JSON pointer of the object
     * @param  callable(): T  $make
     * @return T
     *
     * @throws self
     */
    public static function within(string $pointer, callable $make): mixed
    {
        try {
            return $make();
        } catch (Refusal $refusal) {
            throw self::inField($pointer.$refusal->pointer(), Words::refused($refusal));
        }
    }

    /** @param  non-empty-array<string, string>  $pointers */
    public static function inFields(array $pointers): self
    {
        return new self(422, reset($pointers), $pointers);
    }

    public static function unreadable(string $sentence): self
    {
        return new self(400, $sentence);
    }

    public static function signedOut(): self
    {
        return new self(401, 'Sign in with your name and PIN first.');
    }

    public static function notAllowed(string $sentence): self
    {
        return new self(403, $sentence);
    }

    public static function notThere(string $sentence): self
    {
        return new self(404, $sentence);
    }

    /**
     * Someone else changed it meanwhile.
     *
     * @param  array<string, mixed>  $more  both versions
     */
    public static function conflict(string $sentence, array $more = []): self
    {
        return new self(409, $sentence, [], $more);
    }

    /**
     * What is asked for a thing is asked of its latest state.
     *
     * @param  string  $what  its name, as it stands in a sentence
     * @param  int  $yours  the version the screen shows
     *
     * @throws self when someone changed it meanwhile
     */
    public static function unlessLatest(string $what, int $yours, int $current): void
    {
        $yours === $current ||
            throw self::conflict("Someone changed {$what} on another screen. Look once more, then press again.", [
                'yours' => $yours,
                'current' => $current,
            ]);
    }

    public static function tooLarge(string $sentence): self
    {
        return new self(413, $sentence);
    }

    public static function tooMany(string $sentence, int $seconds): self
    {
        return new self(429, $sentence, [], ['retry_after_s' => $seconds]);
    }

    /** The disk takes no more. */
    public static function full(): self
    {
        return new self(507, ProblemDocument::DISK_FULL);
    }

    public static function away(string $sentence): self
    {
        return new self(503, $sentence);
    }
}
