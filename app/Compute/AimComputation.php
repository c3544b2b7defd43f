<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Portion\Aim;

/** `aim`: what should the hand aim at? */
final readonly class AimComputation implements Computation
{
    public static function name(): string
    {
        return 'aim';
    }

    public function answer(Fields $request): array
    {
        $aim = Aim::of(
            $request->number('target_g'),
            $request->number('minus_g'),
            $request->number('plus_g'),
            $request->number('sigma_g'),
            $request->number('max_under_pct'),
        );

        return [
            'aim_g' => $aim->grams,
            'mean_giveaway_g' => $aim->meanGiveawayGrams,
            'under_pct' => $aim->underPct,
            'over_pct' => $aim->overPct,
        ];
    }
}
