<?php

declare(strict_types=1);

namespace App\Cost;

use App\Measure\Piece;
use App\Route\BinDeposit;
use App\Route\BinWithdrawal;
use App\Route\HouseBin;
use App\Route\Making;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Cost\Credit;
use Sectum\Cost\CreditSchool;
use Sectum\Fish\Bin;
use Sectum\Route\Bins\Leaving;

/** What each part in a bin gives back to its fish, by the school of the house, and where that can be looked up. */
final class Credited
{
    /** @var array<string, HouseBin> */
    private readonly array $bins;

    /** @var Collection<int, BinDeposit> */
    private Collection $deposits;

    /** @var array<string, Making> */
    private array $makings = [];

    /** @param  list<string>  $fish  whose parts will be asked for */
    public function __construct(private readonly CreditSchool $school, array $fish)
    {
        $this->bins = HouseBin::byName();
        $this->deposits = BinDeposit::query()->with('withdrawals')->whereIn('fish_id', $fish)->get();
        $asked = $this->deposits->flatMap(fn (BinDeposit $one): array => $one->withdrawals->pluck('making_id')->filter()->all())->unique()->values()->all();
        foreach (Making::query()->with('went')->whereKey($asked)->get() as $making) {
            $this->makings[$making->id] = $making;
        }
    }

    /** @return array{Credit, string}|null what it brings, and the page that shows why; null when it brings nothing */
    public function of(Piece $piece): ?array
    {
        $mass = $piece->reading()?->mass();
        if ($piece->bin === null || $piece->bin === Bin::Discard || $mass === null) {
            return null;
        }
        $in = $this->deposits->where('piece_id', $piece->id);
        $batch = $in->flatMap(fn (BinDeposit $one): array => array_values($one->withdrawals->pluck('making_id')->filter()->all()))->first();
        $to = is_string($batch) ? "/route/batches/{$batch}" : "/route/bins/{$piece->bin->value}";
        if ($this->school === CreditSchool::BinValue || $in->isEmpty()) {
            $value = $in->first()->value_per_kg_minor ?? $this->bins[$piece->bin->value]->value_per_kg_minor;

            return $value === 0 ? null : [Credit::atPerKg($mass, $value), $to];
        }
        $minor = $in->sum(fn (BinDeposit $one): int => $one->deposit()->leftMinor() + $one->withdrawals->sum($this->brought(...)));

        return [Credit::returned($mass, $minor), $to];
    }

    /** What became of something that left: nothing for what was thrown away or never there, the share of its batch once that is measured. */
    private function brought(BinWithdrawal $out): int
    {
        if ($out->how === Leaving::Meal) {
            return $out->minor;
        }
        $making = $out->how === Leaving::Batch ? $this->makings[$out->making_id ?? ''] ?? null : null;
        if ($making === null) {
            return 0;
        }
        $returned = $making->returned();
        $place = array_search($out->id, array_values($making->went->modelKeys()), true);

        return $returned === null || ! is_int($place) ? $out->minor : $returned->sharesMinor[$place];
    }
}
