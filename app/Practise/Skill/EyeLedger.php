<?php

declare(strict_types=1);

namespace App\Practise\Skill;

use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\CutMade;
use App\Practise\Drill\DrillGuess;
use Sectum\Measure\Mass;
use Sectum\Practise\Gate\Eye;
use Sectum\Practise\Gate\Guess;
use Sectum\Practise\Weigh\SizeBand;
use Sectum\Practise\Weigh\WeighedKind;

/**
 * Every weight somebody said before the scale did, on the screen and at the bench: one ledger, judged by size and by
 * what was weighed.
 */
final readonly class EyeLedger
{
    /** Guesses that count: what was long ago says little. */
    private const LAST = 400;

    /** @param  array<string, list<Guess>>  $guesses  by "kind:size", the first first */
    private function __construct(private array $guesses, public int $atTheBench)
    {
    }

    public static function of(Person $person): self
    {
        $rows = Row::all(
            DrillGuess::rows()
                ->where('person_id', $person->id)
                ->orderByDesc('seq')
                ->limit(self::LAST)
                ->get(['kind', 'guess_mg', 'true_mg', 'said_at']),
        );
        $bench = Row::all(
            CutMade::rows()
                ->join('readings', 'readings.id', '=', 'cuts.reading_id')
                ->leftJoin('reading_voids', 'reading_voids.reading_id', '=', 'readings.id')
                ->where('cuts.cut_by', $person->id)
                ->whereNotNull('guess_mg')
                ->whereNull('reading_voids.reading_id')
                ->orderByDesc('readings.taken_at')
                ->limit(self::LAST)
                ->get(['guess_mg', 'readings.mass_mg as true_mg', 'readings.taken_at as said_at']),
        );
        $all = [...$rows, ...$bench];
        usort($all, fn (Row $a, Row $b): int => $a->text('said_at') <=> $b->text('said_at'));
        $guesses = [];
        foreach ($all as $row) {
            $true = Mass::ofMilligrams((int) $row->number('true_mg'));
            $guess = Mass::ofMilligrams((int) $row->number('guess_mg'));
            if ($true->isPositive() && $guess->isPositive()) {
                // Whoever guesses at the bench guesses portions.
                $kind = $row->text('kind') === '' ? WeighedKind::Portion->value : $row->text('kind');
                $guesses["{$kind}:".SizeBand::of($true)->value][] = new Guess($guess, $true);
            }
        }

        return new self($guesses, count($bench));
    }

    /** What the house allows an eye to be off by, percent. */
    public static function within(): float
    {
        return Settings::load()->practise->eyeWithinPct;
    }

    /** @return array<string, Eye> by "kind:size", where anything was guessed */
    public function eyes(): array
    {
        $step = Settings::load()->scaleStep;

        return array_map(fn (array $own): Eye => Eye::of($own, self::within(), $step), $this->guesses);
    }

    /** Plates are what every nth piece is weighed of: the eye as its gate looks at it, at whole looks only. */
    public function atTheGate(): Eye
    {
        $own = [];
        foreach ([SizeBand::Under100, SizeBand::To200, SizeBand::To500] as $size) {
            $own = count($this->guesses["portion:{$size->value}"] ?? []) > count($own)
                ? $this->guesses["portion:{$size->value}"]
                : $own;
        }

        return Eye::of(
            array_slice($own, 0, Eye::lookedAt(count($own))),
            self::within(),
            Settings::load()->scaleStep,
        );
    }
}
