<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use Sectum\Portion\Cuts\EvenCuts;
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
        $trim = $request->number('trim_value_per_kg', 0);
        $mode = $request->maybeString('mode') ?? 'exact';
        if ($mode === 'count' || $mode === 'width') {
            return self::even($fillet, $mode, $request, $trim);
        }
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
        $plan = School::from($mode)->plan($fillet, $kinds, $trim);

        return [
            'counts' => $plan->counts,
            'value' => $plan->value,
            'available_g' => $fillet->availableGrams(),
            'left_over_g' => $plan->leftOverGrams,
            'tail_cut_cm' => $fillet->tailCutCm(),
            'shrink' => $plan->shrink,
            'grow' => $plan->grow,
            'pieces' => array_map(
                fn (PlannedPiece $piece): array => ['kind' => $piece->kind, ...self::piece($piece)],
                $plan->pieces,
            ),
            'stopped_by' => array_map(Words::ofReader()->say(...), $plan->stoppedBy),
            'stops' => array_map(Coded::of(...), $plan->stoppedBy),
        ];
    }

    /**
     * Cut by count or by width: no kinds, and so nothing that stops one.
     *
     * @return Answer
     */
    private static function even(FilletOnBoard $fillet, string $mode, Fields $request, float $trim): array
    {
        $request->list('kinds') === [] ||
            throw Fault::inField('/kinds', 'Cut by count or by width, a fillet has no kinds of portion.');
        $needs = $mode === 'count' ? 'count' : 'width_mm';
        $request->has($needs) ||
            throw Fault::inField("/{$needs}", $mode === 'count' ? 'Say into how many pieces.' : 'Say how wide.');
        $cuts =
            $mode === 'count'
                ? EvenCuts::ofCount($fillet, $request->int('count'))
                : EvenCuts::ofWidth($fillet, $request->number('width_mm'));

        return [
            'counts' => (object) [],
            'value' => ($trim / 1000) * $cuts->leftOverGrams,
            'available_g' => $fillet->availableGrams(),
            'left_over_g' => $cuts->leftOverGrams,
            'tail_cut_cm' => $fillet->tailCutCm(),
            'shrink' => 0.0,
            'grow' => 0.0,
            'pieces' => array_map(self::piece(...), $cuts->pieces),
            'stopped_by' => [],
            'stops' => [],
        ];
    }

    /** @return Answer */
    private static function piece(PlannedPiece $piece): array
    {
        return [
            'from_cm' => $piece->fromCm,
            'to_cm' => $piece->toCm,
            'mass_g' => $piece->massGrams,
            'thickness_mm' => [$piece->thinnestMm, $piece->thickestMm],
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
