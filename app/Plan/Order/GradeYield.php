<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\BreakDown\Yields\KeptYield;
use App\Catalogue\HouseBin;
use App\Catalogue\Species;
use App\Catalogue\SpeciesYield;
use App\Catalogue\UsualBins;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use App\Plan\Prep\HousePace;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Plan\Order\TrimmedYield;

/** What the house expects of fish it has not bought yet: trimmed fillets, minutes at the board, worth of the trim. */
final readonly class GradeYield
{
    /** The latest fish that count. */
    private const MOST = 200;

    public function __construct(private Species $species, private StateBought $state)
    {
    }

    /** Null where the catalogue has no starting figure for fish sold so. */
    public function of(Mass $each): ?TrimmedYield
    {
        $trimmed = $this->start(Rung::Trimmed);
        if ($trimmed === null) {
            return null;
        }
        $records = $this->records();
        // What was weighed as trimmed counts; a house that weighs its fillets only is known by those.
        $fillets = $this->start(Rung::Fillets);
        $start = isset($records[Rung::Trimmed->value]) || $fillets === null || ! isset($records[Rung::Fillets->value])
            ? $trimmed
            : $fillets;

        return TrimmedYield::of(
            ExpectedYield::of(
                new StartingYield($start->mean_pct, $start->sd_pct, $start->strength),
                $records[$start->rung->value] ?? [],
                0.9,
                $each,
            ),
            $start->mean_pct,
            $trimmed->mean_pct,
        );
    }

    private function start(Rung $rung): ?SpeciesYield
    {
        return $this->species->yields->first(
            fn (SpeciesYield $yield): bool => $yield->state === $this->state && $yield->rung === $rung,
        );
    }

    /** At the board, of one fish so heavy. */
    public function minutes(Mass $each): float
    {
        return round(HousePace::learned()->minutes($this->species->id, '', $each->grams()), 2);
    }

    /** What a kilo of it brings as trim: every part that is no fillet, at the value of its usual bin. */
    public function trim(Settings $settings): Money
    {
        $minor = 0.0;
        foreach ($this->species->expected($this->state) as $part => $share) {
            $bin = UsualBins::ofTrim(Part::from($part));
            $minor += $bin === null ? 0.0 : ($share->meanPct / 100) * HouseBin::of($bin)->value_per_kg_minor;
        }

        return $settings->money((int) round($minor));
    }

    /** @return array<string, list<YieldRecord>> by yield step, the latest fish in front */
    private function records(): array
    {
        $about = "grade:{$this->species->id}:{$this->state->value}";

        return Remembered::of($about, ['yield_records'], function (): array {
            $rows = Row::all(
                KeptYield::rows()
                    ->where('species_id', $this->species->id)
                    ->where('state', $this->state->value)
                    ->whereIn('rung', [Rung::Trimmed->value, Rung::Fillets->value])
                    ->orderByDesc('fish_id')
                    ->limit(2 * self::MOST)
                    ->get(['rung', 'pct', 'each_mg']),
            );
            $records = [];
            foreach ($rows as $row) {
                $records[$row->text('rung')][] = new YieldRecord(
                    $row->number('pct'),
                    Mass::ofMilligrams((int) $row->number('each_mg')),
                );
            }

            return $records;
        });
    }
}
