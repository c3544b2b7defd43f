<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Fish\Fish;
use App\Fish\Reading;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\Fish\Rung;
use Sectum\Plan\Work\CutFish;
use Sectum\Plan\Work\CuttingPace;

/** How long fish takes at this house's board, from those whose minutes were written down. */
final readonly class HousePace
{
    /** The latest fish that count. */
    private const LATEST = 400;

    public static function learned(): CuttingPace
    {
        return Remembered::of(
            'pace at the board',
            ['fish', 'readings', 'pieces'],
            fn (): CuttingPace => CuttingPace::learned(self::timed()),
        );
    }

    /**
     * Whoever weighed most of a fish at the board is who cut it.
     *
     * @return list<CutFish>
     */
    private static function timed(): array
    {
        $rows = Row::all(
            Fish::rows()
                ->join('yield_records', 'yield_records.fish_id', 'fish.id')
                ->where('rung', Rung::Fillets->value)
                ->whereNotNull('labour_minutes')
                ->orderByDesc('number')
                ->limit(self::LATEST)
                ->get(['fish.id', 'fish.species_id', 'fish.method', 'count', 'labour_minutes', 'each_mg']),
        );
        $hands = self::hands(array_map(fn (Row $row): string => $row->text('id'), $rows));
        $cut = [];
        foreach ($rows as $row) {
            [$minutes, $grams] = [$row->number('labour_minutes'), $row->number('each_mg') / 1000];
            if ($minutes > 0 && $grams > 0) {
                $cut[] = new CutFish(
                    $row->text('species_id'),
                    $row->text('method'),
                    $hands[$row->text('id')] ?? '',
                    $grams,
                    $minutes / max(1.0, $row->number('count')),
                );
            }
        }

        return $cut;
    }

    /**
     * @param  list<string>  $fish
     * @return array<string, string> who weighed most of each
     */
    private static function hands(array $fish): array
    {
        $rows = Row::all(
            Reading::rows()
                ->join('pieces', 'pieces.id', 'readings.piece_id')
                ->whereIn('pieces.fish_id', $fish)
                ->groupBy('pieces.fish_id', 'readings.taken_by')
                ->orderByRaw('count(*)')
                ->orderBy('readings.taken_by')
                ->selectRaw('pieces.fish_id as fish, readings.taken_by as hand, count(*) as many')
                ->get(),
        );
        $hands = [];
        foreach ($rows as $row) {
            $hands[$row->text('fish')] = $row->text('hand');
        }

        return $hands;
    }
}
