<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Portion\Cuts\BoardWeight;

/** `board-weight`: what does a piece weigh before its preparation takes its share? */
final readonly class BoardWeightComputation implements Computation
{
    public static function name(): string
    {
        return 'board-weight';
    }

    public function answer(Fields $request): array
    {
        return [
            'board_g' => BoardWeight::of(
                $request->number('plate_g'),
                $request->has('losses_pct') ? $request->numberList('losses_pct') : [],
            )->grams,
        ];
    }
}
