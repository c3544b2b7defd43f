<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\School;

/** `portion-plan`: where does the next cut go? */
final readonly class PortionPlanComputation implements Computation
{
    public static function name(): string
    {
        return 'portion-plan';
    }

    public function answer(Fields $request): array
    {
        $fillet = self::fillet($request);
        $kinds = [];
        foreach ($request->list('kinds') as $i => $kind) {
            $kinds[] = self::kind($kind, "/kinds/{$i}");
        }
        if (
            $kinds === [] ||
            count(array_unique(array_map(fn (Kind $kind): string => $kind->id, $kinds))) !== count($kinds)
        ) {
            throw Fault::inField('/kinds', 'Each kind of portion has a name of its own.');
        }
        $trim = $request->number('trim_value_per_kg', 0);
        $plan = School::from($request->maybeString('mode') ?? 'exact')->plan($fillet, $kinds, $trim);

        return [
            'counts' => $plan->counts,
            'value' => $plan->value,
            'available_g' => $fillet->availableGrams(),
            'left_over_g' => $plan->leftOverGrams,
            'tail_cut_cm' => $fillet->tailCutCm(),
            'shrink' => $plan->shrink,
            'grow' => $plan->grow,
            'pieces' => array_map(
                fn (PlannedPiece $piece): array => [
                    'kind' => $piece->kind,
                    'from_cm' => $piece->fromCm,
                    'to_cm' => $piece->toCm,
                    'mass_g' => $piece->massGrams,
                    'thickness_mm' => [$piece->thinnestMm, $piece->thickestMm],
                ],
                $plan->pieces,
            ),
            'stopped_by' => array_map(Words::ofReader()->say(...), $plan->stoppedBy),
            'stops' => array_map(Coded::of(...), $plan->stoppedBy),
        ];
    }

    private static function fillet(Fields $request): FilletOnBoard
    {
        $fillet = $request->fields('fillet');
        $stations = $fillet->pairs('stations');
        $shape =
            $stations === []
                ? FilletShape::named($fillet->maybeString('shape') ?? 'long-side')
                : FilletShape::of(
                    array_map(fn (array $station): float => $station[0], $stations),
                    array_map(fn (array $station): float => $station[1], $stations),
                );

        return new FilletOnBoard(
            $shape,
            $fillet->number('mass_g'),
            $fillet->number('length_cm'),
            $fillet->number('thickness_mm'),
            $request->number('square_head_g', 0),
            $request->number('min_thickness_mm', 0),
        );
    }

    private static function kind(Fields $kind, string $at): Kind
    {
        return Fault::within(
            $at,
            fn (): Kind => new Kind(
                $kind->string('id'),
                $kind->number('target_g'),
                $kind->number('minus_g', 0),
                $kind->number('plus_g', 0),
                $kind->number('value', 0),
                $kind->maybeInt('max'),
                $kind->maybeNumber('min_thickness_mm'),
                $kind->maybeNumber('max_thickness_mm'),
                $kind->maybeNumber('min_evenness'),
                $kind->maybeNumber('from_share'),
                $kind->maybeNumber('to_share'),
            ),
        );
    }
}
