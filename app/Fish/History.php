<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** What happened to a fish besides its readings, in plain sentences, for its history. */
final readonly class History
{
    public static function that(string $sentence, Fish $fish, Person $by): void
    {
        activity('fish')->performedOn($fish)->causedBy($by)->log($sentence);
    }

    /** @return list<array{int, string, string}> after which reading, when, and what; first to last */
    public static function of(Fish $fish): array
    {
        // The table is the package's, with a column of ours; its model knows nothing of that.
        $kept = DB::table('activity_log')
            ->where('subject_type', $fish->getMorphClass())
            ->where('subject_id', $fish->id)
            ->orderBy('id')
            ->get(['after_seq', 'created_at', 'description']);

        return array_values(
            $kept
                ->map(
                    fn (object $line): array => [
                        is_numeric($line->after_seq ?? null) ? (int) $line->after_seq : 0,
                        self::text($line->created_at ?? null).'Z',
                        self::text($line->description ?? null),
                    ],
                )
                ->all(),
        );
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
