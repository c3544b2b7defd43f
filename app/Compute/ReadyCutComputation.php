<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Cost\ReadyCut;
use Sectum\Cost\Yielded;

/** `ready-cut`: whole fish cut in the house against fillets that come ready cut. */
final readonly class ReadyCutComputation implements Computation
{
    public static function name(): string
    {
        return 'ready-cut';
    }

    public function answer(Fields $request): array
    {
        $cut = ReadyCut::of(self::yielded($request->fields('whole')), self::yielded($request->fields('ready')));

        return [
            'whole_per_kg_minor' => $cut->whole->minor,
            'ready_per_kg_minor' => $cut->ready->minor,
            'saves_per_kg_minor' => $cut->saves->minor,
            'break_even_ready_minor' => $cut->evenReady->perKg->minor,
            'break_even_whole_minor' => $cut->evenWhole?->perKg->minor,
            'point_of_yield_minor' => $cut->point->minor,
        ];
    }

    private static function yielded(Fields $of): Yielded
    {
        return Yielded::of(
            Exact::number($of->number('price_per_kg_minor')),
            Exact::number($of->number('work_per_kg_minor', 0)),
            Exact::number($of->number('credit_per_kg_minor', 0)),
            Exact::number($of->number('yield_pct')),
            Minor::currency(),
        );
    }
}
