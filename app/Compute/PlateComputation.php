<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Cost\Plate;

/** `plate`: what a plate costs, and at which price it meets its target. */
final readonly class PlateComputation implements Computation
{
    public static function name(): string
    {
        return 'plate';
    }

    public function answer(Fields $request): array
    {
        $target = $request->maybeNumber('target_cost_pct');
        $plate = Plate::of(
            $request->int('portion_minor'),
            $request->int('sides_minor', 0),
            Exact::number($request->number('surcharge_pct', 0)),
            $request->maybeInt('price_minor'),
            Exact::number($request->number('tax_pct', 0)),
            $target === null ? null : Exact::number($target),
        );

        return [
            'plate_cost_minor' => $plate->plateCostMinor,
            'net_price_minor' => $plate->netPriceMinor,
            'cost_pct' => $plate->costPct,
            'contribution_minor' => $plate->contributionMinor,
            'suggested_net_minor' => $plate->suggestedNetMinor,
            'suggested_gross_minor' => $plate->suggestedGrossMinor,
        ];
    }
}
