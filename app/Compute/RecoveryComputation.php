<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\BreakDown\LadderRung;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Recovery;

/** `recovery`: the yield ladder. */
final readonly class RecoveryComputation implements Computation
{
    public static function name(): string
    {
        return 'recovery';
    }

    public function answer(Fields $request): array
    {
        $tree = TreeReader::read($request);
        $recovery = Recovery::of($tree, Reconcile::of($tree));

        return [
            'rungs' => array_map(
                fn (LadderRung $rung): array => [
                    'rung' => $rung->rung->value,
                    'mass_g' => $rung->grams,
                    'of_purchased_pct' => $rung->ofPurchasedPct,
                    'of_previous_pct' => $rung->ofPreviousPct,
                    'sd_pct' => $rung->sdPct,
                ],
                $recovery->rungs,
            ),
            'edible_yield_pct' => $recovery->edibleYieldPct,
            'portion_yield_pct' => $recovery->portionYieldPct,
        ];
    }
}
