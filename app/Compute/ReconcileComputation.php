<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\BreakDown\Closure;
use Sectum\BreakDown\Explanation;
use Sectum\BreakDown\PieceEstimate;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Reconciliation;
use Sectum\BreakDown\Suspect;

/** `reconcile`: do the weights add up, and which one is wrong? */
final readonly class ReconcileComputation implements Computation
{
    public static function name(): string
    {
        return 'reconcile';
    }

    public function answer(Fields $request): array
    {
        return self::written(Reconcile::of(TreeReader::read($request)));
    }

    /** @return Answer */
    private static function written(Reconciliation $reconciled): array
    {
        return [
            'pieces' => array_map(
                fn (PieceEstimate $piece): array => [
                    'id' => $piece->id,
                    'estimate_g' => $piece->grams,
                    'sd_g' => $piece->sdGrams,
                ],
                $reconciled->pieces,
            ),
            'objective' => $reconciled->objective,
            'critical' => $reconciled->critical,
            'suspects' => array_map(
                fn (Suspect $suspect): array => [
                    'id' => $suspect->id,
                    'bias_g' => $suspect->biasGrams,
                    'estimate_without_g' => $suspect->estimateGrams,
                    'drop' => $suspect->drop,
                    'explanations' => array_map(self::explanation(...), $suspect->explanations),
                ],
                $reconciled->suspects,
            ),
            'likeliest' => $reconciled->diagnosis === null
                    ? null
                    : [
                        'id' => $reconciled->diagnosis->id,
                        'bias_g' => $reconciled->diagnosis->biasGrams,
                        'explanation' => $reconciled->diagnosis->explanation === null
                                ? null
                                : self::explanation($reconciled->diagnosis->explanation),
                        'log_odds' => $reconciled->diagnosis->logOdds,
                    ],
            'splits' => array_map(
                fn (Closure $closure): array => [
                    'parent' => $closure->parent,
                    'loss_g' => $closure->lossGrams,
                    'weighed_loss_g' => $closure->weighedLoss?->grams(),
                    'verdict' => $closure->verdict->value,
                    'amount_g' => $closure->amount?->grams(),
                    'said' => $closure->said(),
                ],
                $reconciled->closures,
            ),
        ];
    }

    /** @return Answer */
    private static function explanation(Explanation $explanation): array
    {
        return array_filter(
            [
                'kind' => $explanation->kind->value,
                'name' => $explanation->name,
                'scale_unit' => $explanation->units?->onScale->value,
                'taken_for' => $explanation->units?->readAs->value,
                'corrected_g' => $explanation->corrected?->grams(),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
