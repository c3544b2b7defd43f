<?php

declare(strict_types=1);

namespace App\Portion\Hand;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use App\Portion\CutPlan\CutMade;
use Sectum\Portion\Aim;
use Sectum\Portion\Band;
use Sectum\Portion\Scatter;

/** How a cutter's hand scatters around what it aims at, from the last pieces it cut by marks. */
final readonly class Hand
{
    private const LAST = 40;

    /** At most so many in a hundred under the band, until the head chef says otherwise. */
    public const MOST_UNDER_PCT = 2.0;

    /**
     * @param  float|null  $sigmaGrams  null while too few pieces say nothing
     * @param  float|null  $guessGrams  how far the cutter's own guesses are off, standard deviation
     */
    private function __construct(public int $pieces, public ?float $sigmaGrams, public ?float $guessGrams)
    {
    }

    public static function of(Person $person): self
    {
        return Remembered::of(
            "hand:{$person->id}",
            ['cuts', 'readings', 'reading_voids'],
            fn (): self => self::found($person),
        );
    }

    private static function found(Person $person): self
    {
        $rows = Row::all(
            CutMade::rows()
                ->join('readings', 'readings.id', '=', 'cuts.reading_id')
                ->leftJoin('reading_voids', 'reading_voids.reading_id', '=', 'readings.id')
                ->where('cuts.cut_by', $person->id)
                ->whereNotNull('aim_mg')
                ->whereNull('reading_voids.reading_id')
                ->orderByDesc('readings.taken_at')
                ->limit(self::LAST)
                ->get(['readings.mass_mg', 'cuts.aim_mg', 'cuts.guess_mg']),
        );
        $off = array_map(fn (Row $row): float => ($row->number('mass_mg') - $row->number('aim_mg')) / 1000, $rows);
        $guessed = array_values(array_filter($rows, fn (Row $row): bool => $row->text('guess_mg') !== ''));
        $guesses = array_map(
            fn (Row $row): float => ($row->number('mass_mg') - $row->number('guess_mg')) / 1000,
            $guessed,
        );

        return new self(
            count($off),
            count($off) < Scatter::FEWEST ? null : Scatter::of($off),
            count($guesses) < Scatter::FEWEST ? null : Scatter::of($guesses),
        );
    }

    /** Where this hand should aim for a dish; null while nobody knows how it scatters, or it does not. */
    public function aim(Band $band): ?Aim
    {
        return $this->sigmaGrams === null || $this->sigmaGrams <= 0
            ? null
            : Aim::of(
                $band->target->grams(),
                $band->minus->grams(),
                $band->plus->grams(),
                $this->sigmaGrams,
                self::MOST_UNDER_PCT,
            );
    }
}
