<?php

declare(strict_types=1);

namespace App\Receive;

use App\Kitchen\Person;

/** What happened to a fish besides its readings, in plain sentences, for its history. */
final readonly class Kept
{
    public static function that(string $sentence, Fish $fish, Person $by): void
    {
        activity('fish')->performedOn($fish)->causedBy($by)->log($sentence);
    }
}
