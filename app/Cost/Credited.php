<?php

declare(strict_types=1);

namespace App\Cost;

use App\Catalogue\HouseBin;
use App\Fish\Piece;
use App\Kitchen\Settings;
use App\Route\Batches\FoodBatch;
use App\Route\Bins\BinDeposit;
use App\Route\Bins\BinWithdrawal;
use Sectum\Cost\Credit;
use Sectum\Cost\CreditSchool;
use Sectum\Fish\Bin;
use Sectum\Measure\Money;
use Sectum\Route\Bins\Leaving;
use Sectum\Route\Destinations;

/** What each part in a bin gives back to its fish, by the school of the house, and where that can be looked up. */
final class Credited
{
    /** @var array<string, HouseBin> */
    private readonly array $bins;

    /** @var array<string, list<BinDeposit>> by piece */
    private array $deposits = [];

    /** @var array<string, FoodBatch> */
    private array $makings = [];

    /** @param  list<string>  $fish  whose parts will be asked for */
    public function __construct(private readonly Settings $settings, array $fish)
    {
        $this->bins = HouseBin::byName();
        if ($fish === []) {
            return;
        }
        $asked = [];
        foreach (BinDeposit::query()->with('withdrawals')->whereIn('fish_id', $fish)->get() as $deposit) {
            $this->deposits[$deposit->piece_id][] = $deposit;
            foreach ($deposit->withdrawals as $out) {
                if ($out->making_id !== null) {
                    $asked[$out->making_id] = true;
                }
            }
        }
        foreach (
            $asked === [] ? [] : FoodBatch::query()->with('went')->whereKey(array_keys($asked))->get() as $making
        ) {
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
        $in = $this->deposits[$piece->id] ?? [];
        $to = self::batchOf($in) ?? "/route/bins/{$piece->bin->value}";
        if ($this->settings->credits === CreditSchool::BinValue || $in === []) {
            $value = isset($in[0])
                ? $this->settings->perKg($in[0]->value_per_kg_minor)
                : $this->settings
                    ->perKg($this->bins[$piece->bin->value]->value_per_kg_minor)
                    ->share(Destinations::worthPct($piece->part, $piece->bin, $piece->broken));

            return $value->isZero() ? null : [Credit::at($mass, $value), $to];
        }
        $brought = Money::zero($this->settings->currency);
        foreach ($in as $one) {
            $brought = $brought->plus($one->deposit()->leftWorth());
            foreach ($one->withdrawals as $out) {
                $brought = $brought->plus($this->brought($out));
            }
        }

        return [Credit::returned($mass, $brought), $to];
    }

    /**
     * The first batch any of it went into.
     *
     * @param  list<BinDeposit>  $in
     */
    private static function batchOf(array $in): ?string
    {
        foreach ($in as $deposit) {
            foreach ($deposit->withdrawals as $out) {
                if ($out->making_id !== null) {
                    return "/route/batches/{$out->making_id}";
                }
            }
        }

        return null;
    }

    /**
     * What became of something that left: nothing for what was thrown away or never there, the share of its batch once
     * that is measured.
     */
    private function brought(BinWithdrawal $out): Money
    {
        if ($out->how === Leaving::Meal) {
            return $this->settings->money($out->minor);
        }
        $making = $out->how === Leaving::Batch ? $this->makings[$out->making_id ?? ''] ?? null : null;
        if ($making === null) {
            return Money::zero($this->settings->currency);
        }
        $returned = $making->returned();
        $place = array_search($out->id, array_values($making->went->modelKeys()), true);

        return $returned === null || ! is_int($place) ? $this->settings->money($out->minor) : $returned->shares[$place];
    }
}
