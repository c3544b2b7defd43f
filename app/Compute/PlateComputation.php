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
        $price = $request->maybeInt('price_minor');
        $plate = Plate::of(
            Minor::of($request->int('portion_minor')),
            Minor::of($request->int('sides_minor', 0)),
            Exact::number($request->number('surcharge_pct', 0)),
            $price === null ? null : Minor::of($price),
            Exact::number($request->number('tax_pct', 0)),
            $target === null ? null : Exact::number($target),
        );

        return [
            'plate_cost_minor' => $plate->cost->minor,
            'net_price_minor' => $plate->netPrice?->minor,
            'cost_pct' => $plate->costPct,
            'contribution_minor' => $plate->contribution?->minor,
            'suggested_net_minor' => $plate->suggestedNet?->minor,
            'suggested_gross_minor' => $plate->suggestedGross?->minor,
        ];
    }
}
