<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\BreakDown\Method\HowCut;
use App\Cost\Credited;
use App\Cost\FishCost;
use App\Fish\Fish;
use App\Fish\FishTree;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\PortionBench;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\LadderRung;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Reconciliation;
use Sectum\BreakDown\Recovery;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Log\Find\SuspectWhy;
use Sectum\Log\Walk\FishWalk;
use Sectum\Log\Walk\PortionCut;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\Found;

/** One fish as the log is asked about it. */
final readonly class EnterFish
{
    /** Steps a hand can be measured by, the last that was weighed counts. */
    private const MEASURED = [Rung::Skinned, Rung::Trimmed, Rung::Fillets];

    /** @param  array<string, array<string, string>>  $said  who is said to have cut each side, by fish */
    public function __construct(private Settings $settings, private Credited $credits, private array $said)
    {
    }

    /** @return array<string, mixed> the row of LoggedFish */
    public function row(Fish $fish): array
    {
        $tree = FishTree::of($fish, $this->settings->scaleStep);
        $reconciled = Reconcile::of($tree);
        $recovery = Recovery::of($tree, $reconciled);
        $rung = $fish->broken_down ? self::measured($recovery) : null;
        $walk = self::walk($fish, $tree);
        $cost = $fish->broken_down ? FishCost::of($fish, $this->settings, $this->credits) : null;
        $each = (new Found($fish->mass(), max(1, $fish->count), Mass::zero()))->each();
        $cut = HowCut::of($fish);
        $edible = $fish->broken_down ? $recovery->edibleYieldPct : null;

        return [
            'fish_id' => $fish->id,
            'version' => $fish->version,
            'number' => $fish->number,
            'species_id' => $fish->species_id,
            'state' => $fish->state->value,
            'step' => $rung->rung->value ?? '',
            'supplier_id' => $fish->supplier_id,
            'line_id' => $fish->line_id,
            'lot' => $fish->lotCode(),
            'cutter_id' => $this->cutter($fish),
            'method' => $fish->method ?? '',
            'answers' => self::words(array_map(
                fn (string $question, string $option): string => "{$question}:{$option}",
                array_keys($cut->answered->chosen ?? []),
                array_values($cut->answered->chosen ?? []),
            )),
            'dishes' => self::words(array_values(array_unique(array_filter(
                [$fish->dish_id, ...array_map(fn (Piece $one): ?string => $one->dish_id, $fish->pieces->all())],
                fn (?string $dish): bool => $dish !== null,
            )))),
            'count' => $fish->count,
            'received_on' => Moment::date($fish->received_at),
            'cut_on' => $fish->isCut() ? self::lastWeighed($fish) : null,
            'whole_mg' => $fish->mass()->milligrams,
            'each_mg' => $each->milligrams,
            'doublings' => $each->isPositive() ? log($each->grams() / 1000, 2) : null,
            'fat_grade' => $fish->fat_grade?->value,
            'yield_pct' => $rung?->ofPurchasedPct,
            'edible_pct' => $edible,
            'suspect' => SuspectWhy::of($reconciled, $fish->whole()->id, $rung?->ofPurchasedPct)?->value,
            'portions' => PortionBench::countOf($fish),
            'cost_minor' => $cost?->cost?->net->minor,
            'edible_mg' => $cost?->served()->milligrams ?? 0,
            'back_minor' => Money::sum($cost->cost->credits ?? [], $this->settings->currency)->minor,
            'minutes' => $fish->labour_minutes === null
                ? null
                : (float) $fish->labour_minutes / max(1, $fish->count),
            'residual_z' => $fish->broken_down ? self::residual($fish, $reconciled) : null,
            'steps' => json_encode($walk->milligrams(), JSON_THROW_ON_ERROR),
            'trays' => json_encode((object) $walk->trays, JSON_THROW_ON_ERROR),
        ];
    }

    private static function measured(Recovery $recovery): ?LadderRung
    {
        foreach (self::MEASURED as $rung) {
            foreach ($recovery->rungs as $one) {
                if ($one->rung === $rung) {
                    return $one;
                }
            }
        }

        return null;
    }

    private static function walk(Fish $fish, CutTree $tree): FishWalk
    {
        $portions = [];
        foreach ($fish->pieces as $piece) {
            if ($piece->part === Part::Portion) {
                $dish = Dish::of($piece->dish_id ?? $fish->dish_id);
                $portions[$piece->id] = new PortionCut(
                    $dish === null
                        ? null
                        : Mass::ofMilligrams($dish->each()->target->milligrams * max(1, $piece->portions)),
                    $piece->batch_id,
                    $piece->bin?->family(),
                );
            }
        }

        return FishWalk::of(
            $tree,
            $fish->species->expected($fish->state)[Part::Frame->value] ?? null,
            $portions,
            $fish->stage->isAfterPortion(),
        );
    }

    /** Who is said to have cut its sides; else whoever weighed most of it at the board. */
    private function cutter(Fish $fish): ?string
    {
        $said = array_count_values(array_values($this->said[$fish->id] ?? []));
        $weighed = [];
        foreach ($fish->weighed() as [$piece, $reading]) {
            if ($piece->part !== Part::Whole) {
                $weighed[$reading->taken_by] = ($weighed[$reading->taken_by] ?? 0) + 1;
            }
        }
        $most = $said === [] ? $weighed : $said;
        ksort($most);
        arsort($most);

        return $most === [] ? null : array_key_first($most);
    }

    private static function lastWeighed(Fish $fish): string
    {
        return Moment::date(max(['', ...array_map(
            fn (array $pair): string => $pair[0]->part === Part::Whole ? '' : $pair[1]->taken_at,
            $fish->weighed(),
        )]));
    }

    /** By how many spreads the first cut lost more than a board takes; null while a weight is missing. */
    private static function residual(Fish $fish, Reconciliation $reconciled): ?float
    {
        foreach ($reconciled->closures as $closure) {
            if ($closure->parent === $fish->whole()->id) {
                return $closure->spreads;
            }
        }

        return null;
    }

    /** @param  list<string>  $codes */
    private static function words(array $codes): string
    {
        sort($codes);

        return $codes === [] ? '' : ' '.implode(' ', $codes).' ';
    }
}
