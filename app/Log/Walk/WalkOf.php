<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use App\Log\Ledger\LoggedFish;
use Illuminate\Database\Query\Builder;
use Sectum\Log\Walk\BestDone;
use Sectum\Log\Walk\FishWalk;
use Sectum\Log\Walk\Walk;
use Sectum\Log\Walk\WalkedFish;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/**
 * The fish cut in a period, each with its grams and what was paid for it, and what the best of this house would keep.
 */
final readonly class WalkOf
{
    /** The latest fish of a kind among which the best is sought. */
    private const KNOWN = 400;

    /**
     * @param  array<string, WalkedFish>  $fish  by id, the largest first
     * @param  array<string, Row>  $rows  of the ledger by id, each with what it is called
     */
    private function __construct(public Walk $walk, public array $fish, public array $rows, public BestDone $best)
    {
    }

    /** @param  string|null  $species  id; null for all */
    public static function of(Period $period, ?string $species = null): self
    {
        $settings = Settings::load();
        $rows = Row::all(
            self::cut()
                ->whereBetween('cut_on', $period->days())
                ->when($species !== null, fn (Builder $some) => $some->where('logged_fish.species_id', $species))
                ->join('fish', 'fish.id', 'logged_fish.fish_id')
                ->join('species', 'species.id', 'logged_fish.species_id')
                ->orderByDesc('whole_mg')
                ->orderBy('logged_fish.number')
                ->get([
                    'logged_fish.*',
                    'fish.price_per_kg_minor',
                    'fish.delivery_minor',
                    'fish.credited_minor',
                    'species.name as name',
                ]),
        );
        $walks = array_map(self::walk(...), $rows);
        $trays = array_merge(...array_map(fn (FishWalk $walk): array => array_keys($walk->trays), $walks));
        $fates = Fates::of(array_values(array_unique($trays)));
        $fish = $byId = [];
        foreach ($rows as $i => $row) {
            $byId[$row->text('fish_id')] = $row;
            $fish[$row->text('fish_id')] = new WalkedFish(
                $walks[$i]->served($fates),
                self::kind($row),
                self::paid($row, $settings),
            );
        }
        $best = self::best(array_values(array_unique(array_map(self::kind(...), $rows))));

        return new self(Walk::of(array_values($fish), $best, $settings->currency), $fish, $byId, $best);
    }

    /** What an edible kilo of these fish costs; null while nothing has a cost. */
    public function edible(): ?PricePerKg
    {
        $cost = $mass = 0;
        foreach ($this->rows as $row) {
            if ($row->text('cost_minor') !== '') {
                $cost += (int) $row->number('cost_minor');
                $mass += (int) $row->number('edible_mg');
            }
        }

        return $mass > 0 ? Settings::load()->money($cost)->per(Mass::ofMilligrams($mass)) : null;
    }

    /** Whole fish cut. */
    private static function cut(): Builder
    {
        return LoggedFish::rows()->where('step', '!=', '');
    }

    /** @param  list<string>  $kinds */
    private static function best(array $kinds): BestDone
    {
        $known = [];
        foreach ($kinds as $kind) {
            [$species, $state] = explode(' ', $kind, 2);
            $rows = self::cut()
                ->where('species_id', $species)
                ->where('state', $state)
                ->whereNull('suspect')
                ->orderByDesc('number')
                ->limit(self::KNOWN)
                ->get(['steps', 'trays']);
            $known[$kind] = array_map(self::walk(...), Row::all($rows));
        }

        return BestDone::of($known);
    }

    private static function walk(Row $row): FishWalk
    {
        return FishWalk::kept(self::whole($row->text('steps')), self::whole($row->text('trays')));
    }

    private static function kind(Row $row): string
    {
        return "{$row->text('species_id')} {$row->text('state')}";
    }

    /** On the invoice, with its share of the delivery, less what was credited. */
    public static function paid(Row $row, Settings $settings): Money
    {
        return $settings
            ->perKg((int) $row->number('price_per_kg_minor'))
            ->times(Mass::ofMilligrams((int) $row->number('whole_mg')))
            ->plus($settings->money((int) $row->number('delivery_minor')))
            ->minus($settings->money((int) $row->number('credited_minor')));
    }

    /** @return array<string, int> */
    private static function whole(string $json): array
    {
        $whole = [];
        foreach ((array) json_decode($json, true) as $key => $mg) {
            if (is_int($mg)) {
                $whole[(string) $key] = $mg;
            }
        }

        return $whole;
    }
}
