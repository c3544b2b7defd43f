<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Measure\Mass;
use Sectum\Practise\Gate\Eye;
use Sectum\Practise\Gate\Guess;

/** `eye`: may this hand leave the scale? */
final readonly class EyeComputation implements Computation
{
    public static function name(): string
    {
        return 'eye';
    }

    public function answer(Fields $request): array
    {
        $guesses = [];
        foreach ($request->list('guesses') as $i => $one) {
            $guesses[] = Fault::within("/guesses/{$i}", fn (): Guess => new Guess(
                Mass::ofGrams($one->number('guess_g')),
                Mass::ofGrams($one->number('true_g')),
            ));
        }
        $eye = Fault::within('', fn (): Eye => Eye::of(
            $guesses,
            $request->number('within_pct'),
            Mass::ofGrams($request->number('resolution_g', 1.0)),
        ));

        return [
            'guesses' => $eye->guesses,
            'bias_pct' => $eye->biasPct,
            'scatter_pct' => $eye->scatterPct,
            'k' => $eye->k,
            'low_pct' => $eye->lowPct,
            'high_pct' => $eye->highPct,
            'passes' => $eye->passes,
            'more_at_least' => $eye->moreAtLeast,
        ];
    }
}
