<?php

declare(strict_types=1);

namespace App\BreakDown\Sample;

use App\Fish\Fish;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use Sectum\BreakDown\BatchSample;
use Sectum\Measure\Mass;

/** The fish of a batch that were weighed singly, and what they say of all of them. */
final readonly class Samples
{
    /** @return array<string, Mass> by weighing, first to last, those taken back left out */
    public static function of(Fish $fish): array
    {
        $rows = Remembered::of(
            "sample:{$fish->id}",
            ['sample_weighings'],
            fn (): array => Row::all(SampleWeighing::rows()->where('fish_id', $fish->id)->orderBy('rowid')->get()),
        );
        $each = [];
        foreach ($rows as $row) {
            if ($row->text('undoes') === '') {
                $each[$row->text('id')] = Mass::ofMilligrams((int) $row->number('mass_mg'));
            } else {
                unset($each[$row->text('undoes')]);
            }
        }

        return $each;
    }

    /** @return Answer|null null for a single fish, and while none was weighed */
    public static function view(Fish $fish, Words $words): ?array
    {
        $each = $fish->count > 1 ? self::of($fish) : [];
        // A batch counted again may be smaller than what was weighed of it.
        if ($each === [] || count($each) > $fish->count) {
            return null;
        }
        $sample = BatchSample::of(array_values($each), $fish->count);
        $said = fn (float $grams): string => $words->text(Mass::ofGrams($grams));

        return [
            'weighed' => array_map(
                fn (string $id, Mass $mass): array => ['weighing' => $id, 'mass' => $words->mass($mass)],
                array_keys($each),
                array_values($each),
            ),
            'each' => $said($sample->meanGrams).($sample->sdGrams === null ? '' : " ± {$said($sample->sdGrams)}"),
            'all' => $said($sample->totalGrams).($sample->halfGrams === null ? '' : " ± {$said($sample->halfGrams)}"),
        ];
    }
}
