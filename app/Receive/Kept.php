<?php

declare(strict_types=1);

namespace App\Receive;

use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What happened to a fish besides its readings, in plain sentences, for its history. */
final readonly class Kept
{
    public static function that(string $sentence, Fish $fish, Person $by): void
    {
        activity('fish')->performedOn($fish)->causedBy($by)->log($sentence);
    }

    /** @return list<array{string, string}> when, as ISO 8601, and what; first to last */
    public static function of(Fish $fish): array
    {
        $kept = DB::table('activity_log')->where('subject_type', $fish->getMorphClass())->where('subject_id', $fish->id)->orderBy('id')->get(['created_at', 'description']);

        return array_values($kept->map(fn (stdClass $line): array => [self::text($line->created_at ?? null), self::text($line->description ?? null)])->all());
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
