<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Portion\Cuts\Pair;
use Sectum\Portion\Cuts\Pairing;

/** `pair`: which two small fillets go on one plate? */
final readonly class PairComputation implements Computation
{
    public static function name(): string
    {
        return 'pair';
    }

    public function answer(Fields $request): array
    {
        $pairing = Pairing::of(
            $request->numberList('masses_g'),
            $request->number('target_g'),
            $request->number('minus_g', 0),
            $request->number('plus_g', 0),
        );

        return [
            'groups' => count($pairing->pairs),
            'of' => array_map(fn (Pair $pair): array => [$pair->first, $pair->second], $pairing->pairs),
            'spread_g2' => $pairing->spread,
            'left' => count($pairing->left),
        ];
    }
}
