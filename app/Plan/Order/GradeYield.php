<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\BreakDown\Yields\KeptYield;
use App\Catalogue\HouseBin;
use App\Catalogue\Species;
use App\Catalogue\UsualBins;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** What the house expects of fish it has not bought yet: trimmed fillets, minutes at the board, worth of the trim. */
final readonly class GradeYield
{
    /** The latest fish that count. */
    private const MOST = 200;

    /** Where no fish was ever timed, minutes a kilo takes. Our estimate. */
    private const MINUTES_PER_KG = 4.0;

    public function __construct(private Species $species, private StateBought $state)
    {
    }

    /** Null where the catalogue has no starting figure for fish sold so. */
    public function of(Mass $each): ?ExpectedYield
    {
        $start = $this->species->yields->first(
            fn ($yield): bool => $yield->state === $this->state && $yield->rung === Rung::Trimmed,
        );

        return $start === null
            ? null
            : ExpectedYield::of(
                new StartingYield($start->mean_pct, $start->sd_pct, $start->strength),
                $this->records(),
                0.9,
                $each,
            );
    }

    /** Of one fish so heavy, by the house's own of ten weeks and more. */
    public function minutes(Mass $each): float
    {
        $perKg = Remembered::of("minutes a kilo:{$this->species->id}", ['fish'], function (): float {
            $row = Row::maybe(
                KeptYield::rows()
                    ->join('fish', 'fish.id', 'yield_records.fish_id')
                    ->where('yield_records.species_id', $this->species->id)
                    ->where('rung', Rung::Trimmed->value)
                    ->whereNotNull('labour_minutes')
                    ->selectRaw('sum(cast(labour_minutes as real)) / sum(each_mg * fish.count / 1000000.0) as per_kg')
                    ->first(),
            );
            $found = $row?->number('per_kg') ?? 0.0;

            return $found > 0 ? $found : self::MINUTES_PER_KG;
        });

        return round($perKg * ($each->grams() / 1000), 2);
    }

    /** What a kilo of it brings as trim: every part that is no fillet, at the value of its usual bin. */
    public function trim(Settings $settings): Money
    {
        $minor = 0.0;
        foreach ($this->species->expected($this->state) as $part => $share) {
            $bin = Part::from($part)->isFillet() ? null : UsualBins::of(Part::from($part));
            $minor += $bin === null ? 0.0 : ($share->meanPct / 100) * HouseBin::of($bin)->value_per_kg_minor;
        }

        return $settings->money((int) round($minor));
    }

    /** @return list<YieldRecord> */
    private function records(): array
    {
        return Remembered::of("grade:{$this->species->id}:{$this->state->value}", ['yield_records'], fn (): array => array_map(
            fn (Row $row): YieldRecord => new YieldRecord(
                $row->number('pct'),
                Mass::ofMilligrams((int) $row->number('each_mg')),
            ),
            Row::all(
                KeptYield::rows()
                    ->where('species_id', $this->species->id)
                    ->where('state', $this->state->value)
                    ->where('rung', Rung::Trimmed->value)
                    ->orderByDesc('fish_id')
                    ->limit(self::MOST)
                    ->get(['pct', 'each_mg']),
            ),
        ));
    }
}
