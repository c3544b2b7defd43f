<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Moment;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/** The readings of a fish, as the core's cut tree. Pieces whose readings were all taken back are not in it. */
final readonly class FishTree
{
    /** The cut tree, with what is still unweighed on the board. */
    public static function of(Fish $fish, Mass $step): CutTree
    {
        $expected = $fish->species->expected($fish->state);
        $whole = $fish->whole();
        $pieces = [];
        $alike = array_count_values(array_map(fn (array $pair): string => $pair[0]->part->value, $fish->weighed()));
        foreach ($fish->pieces as $piece) {
            $reading = $piece->reading();
            if ($reading !== null || $piece->id === $whole->id) {
                $pieces[] = new CutPiece(
                    $piece->id,
                    $piece->parent_id,
                    $reading?->mass(),
                    $reading?->resolution() ?? $step,
                    $piece->parent_id === $whole->id && ($alike[$piece->part->value] ?? 0) === 1
                        ? $expected[$piece->part->value] ?? null
                        : null,
                    $piece->part,
                    // A fillet not cut yet can still be eaten; it is no portion.
                    $piece->part->isFillet() && $piece->bin === null ? Family::Usable : self::family($piece),
                    $reading === null ? null : $reading->source === 'typed',
                );
            }
        }

        return CutTree::onTheBoard(
            $pieces === [] ? [new CutPiece($whole->id, null, null, $step, null, Part::Whole)] : $pieces,
            self::loss($fish),
            Containers::all(),
            self::finished($fish),
        );
    }

    /** What becomes of a piece: where it was sent, else what its part usually becomes. */
    public static function family(Piece $piece): Family
    {
        return $piece->bin?->family() ?? $piece->part->family();
    }

    /** What the board takes, more the longer the parts lie before they are weighed. */
    private static function loss(Fish $fish): Loss
    {
        $first = $fish->whole()->reading()?->taken_at;
        $last = max(['', ...array_map(fn (array $pair): string => $pair[1]->taken_at, $fish->weighed())]);
        $hours =
            $first === null || $last === ''
                ? 0.0
                : (Moment::at($last)->getTimestamp() - Moment::at($first)->getTimestamp()) / 3600;

        return (new Loss())->after(max(0.0, $hours));
    }

    /** @return list<string> */
    private static function finished(Fish $fish): array
    {
        $finished = $fish->broken_down ? [$fish->whole()->id] : [];
        if ($fish->stage->isAfterPortion()) {
            foreach ($fish->pieces as $piece) {
                if ($piece->part->isFillet()) {
                    $finished[] = $piece->id;
                }
            }
        }

        return $finished;
    }
}
