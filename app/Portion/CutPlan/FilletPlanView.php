<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Catalogue\UsualBins;
use App\Kitchen\Format\Words;
use App\Kitchen\Language\Said;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Portion\FilletShape;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\School;
use Sectum\Portion\Slant;
use Sectum\Portion\Thicknesses;

/** A fillet's plan as the page draws it: to scale, every piece in its place, and the next cut in a sentence. */
final readonly class FilletPlanView
{
    /** Points the outline is drawn through. */
    private const OUTLINE = 40;

    /** @return Answer */
    public static function of(FilletPlan $plan, Words $words, ?Settings $prices): array
    {
        $laying = $plan->laying;
        $planned = $plan->by($laying->school);
        $ahead = $plan->ahead();

        return [
            'piece' => $plan->piece->id,
            'name' => $plan->piece->name,
            'laid' => $words->mass($plan->laid),
            'left' => $words->mass($plan->left),
            'length_cm' => $laying->lengthCm,
            'length' => $words->along($laying->lengthCm),
            'thickness_mm' => $laying->thicknessMm,
            'thickness' => $words->across($laying->thicknessMm),
            'measured' => $laying->measured,
            'shape' => $laying->shape,
            'shapes' => array_map(
                fn (string $shape): array => ['shape' => $shape, 'name' => Words::named("portion.shape.{$shape}")],
                FilletShape::names(),
            ),
            'square' => $words->mass($laying->square),
            'tail_mm' => $laying->tailMm,
            'tail_cut_cm' => round($plan->fillet->tailCutCm(), 2),
            'school' => $laying->school->value,
            'ways' => array_map(
                fn (School $way): array => [
                    'school' => $way->value,
                    'name' => Words::named("portion.way.{$way->value}"),
                ],
                School::cases(),
            ),
            'aimed' => $laying->aimed,
            'guess_first' => $laying->guessFirst,
            'belly' => $laying->belly->value,
            'thick_at' => array_map(
                fn (array $one): array => ['at' => $words->along($one['cm']), 'thick' => $words->across($one['mm'])],
                $laying->thickAt,
            ),
            'kinds' => array_map(
                fn (array $kind): array => ['dish' => $kind['dish'], 'max' => $kind['max']],
                $laying->kinds,
            ),
            'marks_cm' => $laying->marksCm,
            'outline' => self::outline($plan),
            'knife_cm' => round($plan->startCm(), 2),
            'pieces' => self::pieces($plan, $ahead, $words),
            'counts' => self::counts($plan, $ahead),
            'next' => self::next($plan, $ahead, $words),
            'stops' => [...self::offMark($plan, $words), ...$plan->never, ...self::stops($plan, $planned, $words)],
            'schools' => $prices === null ? [] : WaysToCutView::of($plan, $words, $prices),
            'left_over' => $words->mass(self::leftOver($plan, $ahead)),
        ];
    }

    /** @return list<array{float, float, float}> place in cm, width in cm, thickness in mm */
    public static function outline(FilletPlan $plan): array
    {
        return array_map(function (int $i) use ($plan): array {
            $cm = ($plan->laying->lengthCm * $i) / self::OUTLINE;

            return [
                round($cm, 2),
                round($plan->fillet->widthCm($cm), 2),
                round($plan->fillet->shape->thicknessAt($i / self::OUTLINE) * $plan->laying->thicknessMm, 1),
            ];
        }, range(0, self::OUTLINE));
    }

    /**
     * Every stretch of the fillet from the head end to the tail, cut or planned.
     *
     * @param  list<PlannedPiece>  $ahead
     * @return list<Answer>
     */
    private static function pieces(FilletPlan $plan, array $ahead, Words $words): array
    {
        $pieces = [];
        foreach ($plan->cuts as $cut) {
            $dish = $cut->piece->dish_id === null ? null : $plan->named($cut->piece->dish_id);
            $pieces[] = self::piece(
                'done',
                $dish->name ?? $cut->piece->name,
                $cut->fromCm,
                $cut->toCm,
                $cut->mass,
                $words,
                new Thicknesses($cut->thinMm, $cut->thickMm),
            );
        }
        $start = $plan->startCm();
        if ($plan->cuts === [] && $start > 0) {
            $pieces[] = self::piece(
                'square',
                'Squared off'.self::goesTo(Part::Ends),
                0,
                $start,
                Mass::ofGrams($plan->fillet->gramsUpTo($start)),
                $words,
                self::thickness($plan, 0, $start),
            );
        }
        foreach ($ahead as $piece) {
            $pieces[] = self::piece(
                $piece->kind === '' ? 'spare' : 'planned',
                $piece->kind === '' ? 'Suits no dish' : self::name($plan, $piece->kind),
                $piece->fromCm,
                $piece->toCm,
                Mass::ofGrams($piece->massGrams),
                $words,
                new Thicknesses($piece->thinnestMm, $piece->thickestMm),
                $plan->fillet->leastSectionCm2($piece->fromCm, $piece->toCm),
            );
        }
        $end = $ahead === [] ? $start : $ahead[count($ahead) - 1]->toCm;
        $tail = $plan->fillet->tailCutCm();
        if (! $plan->overdrawn) {
            foreach (
                [
                    ['spare', 'Left over'.self::goesTo(Part::TailEnd), $end, $tail],
                    ['tail', 'Tail end'.self::goesTo(Part::TailEnd), max($end, $tail), $plan->laying->lengthCm],
                ] as [$what, $name, $from, $to]
            ) {
                $mass = Mass::ofGrams(max(0.0, $plan->fillet->gramsUpTo($to) - $plan->fillet->gramsUpTo($from)));
                if ($to > $from + 0.05 && $mass->isPositive()) {
                    $pieces[] = self::piece(
                        $what,
                        $name,
                        $from,
                        $to,
                        $mass,
                        $words,
                        self::thickness($plan, $from, $to),
                    );
                }
            }
        }

        return $pieces;
    }

    /** @return list<array{code: string, say: string}> the last piece, when it was not cut where it was told to be */
    private static function offMark(FilletPlan $plan, Words $words): array
    {
        $last = $plan->cuts === [] ? null : $plan->cuts[count($plan->cuts) - 1];

        return $last === null || $last->atMark
            ? []
            : [
                [
                    'code' => 'off-mark',
                    'say' => "{$last->piece->name} was not cut at its mark: by its weight of ".
                        "{$words->text($last->mass)} the knife stands at {$words->along($last->toCm)}, ".
                        'and the plan goes on from there.',
                ],
            ];
    }

    /** @return list<array{code: string, say: string}> why no more of each dish come off it */
    private static function stops(FilletPlan $plan, ?PortionPlan $planned, Words $words): array
    {
        return $planned === null || $plan->laying->marksCm !== []
            ? []
            : array_map(
                fn (Message $stop): array => [
                    'code' => (string) $stop->code->value,
                    'say' => $words->say(
                        new Message($stop->code, [
                            ...$stop->values,
                            'kind' => self::name($plan, $stop->values['kind'] ?? ''),
                        ]),
                    ),
                ],
                $planned->stoppedBy,
            );
    }

    private static function name(FilletPlan $plan, mixed $kind): string
    {
        return is_string($kind) ? $plan->named($kind)->name ?? $kind : '';
    }

    /** Where a part usually goes, as it is said after its name. */
    private static function goesTo(Part $part): string
    {
        $bin = UsualBins::of($part);

        return $bin === null ? '' : ', '.Said::called('for '.lcfirst($bin->spoken()));
    }

    private static function thickness(FilletPlan $plan, float $fromCm, float $toCm): Thicknesses
    {
        return $plan->fillet->thickness($plan->fillet->gramsUpTo($fromCm), $plan->fillet->gramsUpTo($toCm));
    }

    /** @return Answer */
    private static function piece(
        string $what,
        string $name,
        float $fromCm,
        float $toCm,
        Mass $mass,
        Words $words,
        Thicknesses $mm,
        ?float $face = null,
    ): array {
        return [
            'what' => $what,
            'name' => $name,
            'from_cm' => round($fromCm, 2),
            'to_cm' => round($toCm, 2),
            'ends_at' => $words->along($toCm),
            'mass' => $words->mass($mass),
            'width' => $words->across(10 * ($toCm - $fromCm)),
            'face_cm2' => $face === null ? null : round($face, 1),
            'thickness' => round($mm->thin) === round($mm->thick)
                    ? $words->across($mm->thick)
                    : $words->across($mm->thin).' to '.$words->across($mm->thick),
        ];
    }

    /**
     * @param  list<PlannedPiece>  $ahead
     * @return list<array{dish: string, name: string, cut: int, planned: int}>
     */
    private static function counts(FilletPlan $plan, array $ahead): array
    {
        return array_values(
            array_map(
                fn (Dish $dish): array => [
                    'dish' => $dish->id,
                    'name' => $dish->name,
                    'cut' => count(
                        array_filter($plan->cuts, fn (Cut $cut): bool => $cut->piece->dish_id === $dish->id),
                    ),
                    'planned' => count(
                        array_filter($ahead, fn (PlannedPiece $piece): bool => $piece->kind === $dish->id),
                    ),
                ],
                $plan->dishes,
            ),
        );
    }

    /**
     * What the knife does now.
     *
     * @param  list<PlannedPiece>  $ahead
     * @return array<string, string|float|int|null>
     */
    public static function next(FilletPlan $plan, array $ahead, Words $words): array
    {
        $start = $plan->startCm();
        if ($plan->overdrawn) {
            return self::step(
                'portion',
                null,
                null,
                null,
                null,
                'More came off '.lcfirst($plan->piece->name).' than it weighed. Check the last '.'reading.',
                '',
            );
        }
        if ($plan->belly !== null) {
            return self::step(
                Part::Belly->value,
                null,
                null,
                $plan->belly,
                null,
                "Take the belly off in one piece, about {$words->text($plan->belly)}, and put that on the scale.",
                '',
            );
        }
        if ($plan->cuts === [] && $start > 0) {
            $square = Mass::ofGrams($plan->fillet->gramsUpTo($start));

            return self::step(
                'ends',
                null,
                $start,
                $square,
                $words->across(10 * $start),
                'Square off at '.
                    "{$words->along($start)}, about {$words->text($square)}, and put that on the scale.",
                '',
            );
        }
        $next = $ahead[0] ?? null;
        if ($next === null) {
            return self::step(
                'tail-end',
                null,
                null,
                null,
                null,
                $plan->kinds === []
                    ? 'Choose what to cut from it.'
                    : 'No portion is left in it. Put the tail end on '.'the '.'scale.',
                '',
            );
        }
        $dish = $plan->dishes[$next->kind] ?? null;
        $aim = Mass::ofGrams($next->massGrams);
        $width = $words->across(10 * ($next->toCm - $next->fromCm));
        $say =
            "Cut at {$words->along($next->toCm)}, {$width} wide, aim {$words->text($aim)}".
            ($dish === null ? '.' : ": {$dish->name}.");
        $how = '';
        if ($dish !== null && $dish->slant_deg < 90) {
            $slant = Slant::of(
                $dish->slant_deg,
                ($next->thinnestMm + $next->thickestMm) / 2,
                10 * ($next->toCm - $next->fromCm),
            );
            $how =
                "Lean the knife to {$dish->slant_deg}°: a face of {$words->across($slant->faceMm)}, ".
                "{$words->across($slant->sliceMm)} thick.";
        }

        // A stretch the planner leaves between two dishes is weighed like what is squared off.
        $part = $next->kind === '' && $plan->laying->marksCm === [] ? Part::Ends : Part::Portion;

        return self::step($part->value, $dish?->id, $next->toCm, $aim, $width, $say, $how);
    }

    /**
     * @return array<string, string|float|int|null>
     */
    private static function step(
        string $part,
        ?string $dish,
        ?float $toCm,
        ?Mass $aim,
        ?string $width,
        string $say,
        string $how,
    ): array {
        return [
            'part' => $part,
            'dish' => $dish,
            'to_cm' => $toCm === null ? null : round($toCm, 2),
            'aim_mg' => $aim?->milligrams,
            'width' => $width,
            'say' => $say,
            'how' => $how,
        ];
    }

    /** @param  list<PlannedPiece>  $ahead */
    private static function leftOver(FilletPlan $plan, array $ahead): Mass
    {
        return $plan->overdrawn
            ? Mass::zero()
            : $plan->leftAfter(array_filter($ahead, fn (PlannedPiece $piece): bool => $piece->kind !== ''));
    }
}
