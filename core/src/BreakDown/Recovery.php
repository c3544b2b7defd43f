<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;

/** The yield ladder of one fish: what stood on each rung from the box to the portions. */
final readonly class Recovery
{
    /**
     * @param  list<LadderRung>  $rungs  those the tree determines, top first
     * @param  float|null  $edibleYieldPct  portions and usable parts over as bought
     * @param  float|null  $portionYieldPct  portions over as bought
     */
    private function __construct(
        public array $rungs,
        public ?float $edibleYieldPct,
        public ?float $portionYieldPct,
    ) {
    }

    public static function of(CutTree $tree, Reconciliation $reconciled): self
    {
        $whole = self::sum($reconciled, new RungTerms([$tree->root]));
        if ($whole === null || $whole->grams <= 0) {
            return new self([], null, null);
        }
        $rungs = [];
        foreach (self::terms($tree) as $name => $terms) {
            $mass = self::sum($reconciled, $terms);
            if ($mass !== null) {
                $previous = $rungs === [] ? $whole->grams : $rungs[count($rungs) - 1]->grams;
                $rungs[] = new LadderRung(
                    Rung::from($name),
                    $mass->grams,
                    (100 * $mass->grams) / $whole->grams,
                    $previous > 0 ? (100 * $mass->grams) / $previous : null,
                    // The whole over itself has no spread; the rest to first order from both masses'.
                    $name === Rung::AsBought->value
                        ? 0.0
                        : 100 * sqrt(
                            ($mass->sd / $whole->grams) ** 2 + (($mass->grams * $whole->sd) / $whole->grams ** 2) ** 2,
                        ),
                );
            }
        }

        return new self(
            $rungs,
            self::yieldOf($tree, $reconciled, [Family::Portion, Family::Usable], $whole->grams),
            self::yieldOf($tree, $reconciled, [Family::Portion], $whole->grams),
        );
    }

    /**
     * Each rung as pieces added and pieces taken away; only rungs for which something was cut.
     *
     * @return array<string, RungTerms>
     */
    private static function terms(CutTree $tree): array
    {
        $leaving = [];
        foreach ($tree->children[$tree->root] as $i) {
            $rung = $tree->pieces[$i]->part?->leavesAt();
            $leaving[$rung->value ?? ''][] = $i;
        }
        $guts = $leaving[Rung::Gutted->value] ?? [];
        $head = $leaving[Rung::Headless->value] ?? [];
        $fillets = array_values(
            array_filter($tree->below($tree->root), fn (int $i): bool => self::isFirstFillet($tree, $i)),
        );
        $off = [Rung::Trimmed->value => [], Rung::Skinned->value => []];
        foreach ($fillets as $fillet) {
            foreach ($tree->children[$fillet] as $i) {
                $rung = $tree->pieces[$i]->part?->leavesAt();
                if ($rung === Rung::Trimmed || $rung === Rung::Skinned) {
                    $off[$rung->value][] = $i;
                }
            }
        }
        $portions = self::served($tree, [Family::Portion]);
        $trimmed = $off[Rung::Trimmed->value];
        $skinned = $off[Rung::Skinned->value];

        return array_filter([
            Rung::AsBought->value => new RungTerms([$tree->root]),
            Rung::Gutted->value => $guts === [] ? null : new RungTerms([$tree->root], $guts),
            Rung::Headless->value => $head === [] ? null : new RungTerms([$tree->root], [...$guts, ...$head]),
            Rung::Fillets->value => $fillets === [] ? null : new RungTerms($fillets),
            Rung::Trimmed->value => $trimmed === [] ? null : new RungTerms($fillets, $trimmed),
            Rung::Skinned->value => $skinned === [] ? null : new RungTerms($fillets, [...$trimmed, ...$skinned]),
            Rung::Portions->value => $portions->plus === [] ? null : $portions,
        ]);
    }

    private static function isFirstFillet(CutTree $tree, int $i): bool
    {
        if ($tree->pieces[$i]->part?->isFillet() !== true) {
            return false;
        }
        for ($up = $tree->parents[$i]; $up !== null; $up = $tree->parents[$up]) {
            if ($tree->pieces[$up]->part?->isFillet() === true) {
                return false;
            }
        }

        return true;
    }

    /**
     * The last pieces of some families, and portions that a part was taken off: those less what came off them.
     *
     * @param  list<Family>  $families
     */
    private static function served(CutTree $tree, array $families): RungTerms
    {
        $plus = $minus = [];
        foreach ($tree->below($tree->root) as $i) {
            if (! in_array($tree->pieces[$i]->role, $families, true)) {
                continue;
            }
            if ($tree->children[$i] === []) {
                $plus[] = $i;
            } elseif ($tree->pieces[$i]->part === Part::Portion) {
                $plus[] = $i;
                array_push($minus, ...$tree->children[$i]);
            }
        }

        return new RungTerms($plus, $minus);
    }

    /**
     * @param  list<Family>  $families
     */
    private static function yieldOf(CutTree $tree, Reconciliation $reconciled, array $families, float $whole): ?float
    {
        $sum = self::sum($reconciled, self::served($tree, $families));

        return $sum === null ? null : (100 * $sum->grams) / $whole;
    }

    /** Null when one of the pieces is not determined. */
    private static function sum(Reconciliation $reconciled, RungTerms $terms): ?Estimate
    {
        $grams = 0.0;
        $variance = 0.0;
        foreach ([[1, $terms->plus], [-1, $terms->minus]] as [$sign, $places]) {
            foreach ($places as $i) {
                $piece = $reconciled->pieces[$i];
                if ($piece->grams === null || $piece->sdGrams === null) {
                    return null;
                }
                $grams += $sign * $piece->grams;
                $variance += $piece->sdGrams ** 2;
            }
        }

        return new Estimate($grams, sqrt($variance));
    }
}
