<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\PlannedPiece;

/**
 * A fillet cut otherwise than to a weight: so many pieces of one mass, or pieces of one width whose masses follow.
 *
 * Both are exact on the fillet's own tables: the mass curve is a quadratic between two stations, and inverts.
 */
final readonly class EvenCuts
{
    public const MOST_PIECES = 200;

    /** Rounding of the last piece of a width, cm. */
    private const HAIR = 1e-9;

    /**
     * @param  list<PlannedPiece>  $pieces  from the head end on, of no kind
     * @param  float  $leftOverGrams  everything that is not a piece
     */
    private function __construct(public array $pieces, public float $leftOverGrams)
    {
    }

    /**
     * So many pieces of equal mass between the squared head and the tail cut.
     *
     * @param  int  $count  1 to {@see self::MOST_PIECES}
     *
     * @throws BadCut when there is nothing to cut, or nobody cuts so many
     */
    public static function ofCount(FilletOnBoard $fillet, int $count): self
    {
        ($count >= 1 && $count <= self::MOST_PIECES) ||
            throw new BadCut('A fillet is cut into 1 to '.self::MOST_PIECES.' pieces.', $count, '/count');
        $fillet->availableGrams() > 0 ||
            throw new BadCut('Nothing lies between the squared head and the tail cut.', $count, '/count');
        $each = $fillet->availableGrams() / $count;
        $places = [$fillet->squareHeadGrams];
        for ($i = 1; $i <= $count; $i++) {
            $places[] = $fillet->squareHeadGrams + $i * $each;
        }

        return self::between($fillet, $places);
    }

    /**
     * Pieces so wide along the fillet, from the squared head on; what is left before the tail cut is left over.
     *
     * @param  float  $widthMm  above 0
     *
     * @throws BadCut when it is wider than what there is to cut, or so narrow that nobody cuts it
     */
    public static function ofWidth(FilletOnBoard $fillet, float $widthMm): self
    {
        $from = $fillet->cm($fillet->squareHeadGrams);
        $there = $fillet->tailCutCm() - $from;
        $width = $widthMm / 10;
        ($width > 0 && $width <= $there + self::HAIR) ||
            throw new BadCut('A piece is narrower than what there is to cut.', $widthMm, '/width_mm');
        $count = (int) floor($there / $width + self::HAIR);
        $count <= self::MOST_PIECES ||
            throw new BadCut('That makes more than '.self::MOST_PIECES.' pieces.', $widthMm, '/width_mm');
        $places = [$fillet->squareHeadGrams];
        for ($i = 1; $i <= $count; $i++) {
            $places[] = $fillet->gramsUpTo($from + $i * $width);
        }

        return self::between($fillet, $places);
    }

    /** @param  non-empty-list<float>  $places  grams from the head end, ascending */
    private static function between(FilletOnBoard $fillet, array $places): self
    {
        $pieces = [];
        for ($i = 1; $i < count($places); $i++) {
            $thick = $fillet->thickness($places[$i - 1], $places[$i]);
            $pieces[] = new PlannedPiece(
                '',
                $fillet->cm($places[$i - 1]),
                $fillet->cm($places[$i]),
                $places[$i] - $places[$i - 1],
                $thick->thin,
                $thick->thick,
            );
        }

        return new self($pieces, $fillet->massGrams - ($places[count($places) - 1] - $places[0]));
    }
}
