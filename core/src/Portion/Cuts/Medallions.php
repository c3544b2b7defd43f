<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\PlannedPiece;

/**
 * Steaks or medallions across a loin or a tail: every piece so thick along the fillet, as long as its face is large
 * enough for the plate.
 *
 * A face is what the mass curve says: grams for a centimetre there over the density of flesh. Masses and faces are
 * exact on the fillet's own table.
 */
final readonly class Medallions
{
    private const HAIR = 1e-9;

    /**
     * @param  list<PlannedPiece>  $pieces  from the head end on, of no kind
     * @param  list<float>  $facesCm2  the smallest section within each
     * @param  float  $leftOverGrams  everything that is not a medallion
     */
    private function __construct(public array $pieces, public array $facesCm2, public float $leftOverGrams)
    {
    }

    /**
     * @param  float  $thicknessMm  of each along the fillet, 3 or more
     * @param  float  $leastFaceCm2  smallest face that is still one, 0 for any
     *
     * @throws BadCut when none comes off it, or a figure makes no sense
     */
    public static function of(FilletOnBoard $fillet, float $thicknessMm, float $leastFaceCm2 = 0.0): self
    {
        $thicknessMm >= 3 || throw new BadCut('A medallion is 3 mm thick or more.', $thicknessMm, '/thickness_mm');
        $leastFaceCm2 >= 0 || throw new BadCut('A face is 0 or more.', $leastFaceCm2, '/least_face_cm2');
        $all = EvenCuts::ofWidth($fillet, $thicknessMm)->pieces;
        $pieces = $faces = [];
        $there = 0.0;
        foreach ($all as $piece) {
            $face = $fillet->leastSectionCm2($piece->fromCm, $piece->toCm);
            if ($face + self::HAIR >= $leastFaceCm2) {
                $pieces[] = $piece;
                $faces[] = $face;
                $there += $piece->massGrams;
            } elseif ($pieces !== []) {
                // Beyond here it only runs out; a small face before the first is squared off with the head end.
                break;
            }
        }
        $pieces !== [] ||
            throw new BadCut('No piece of it has so large a face.', $leastFaceCm2, '/least_face_cm2');

        return new self($pieces, $faces, $fillet->massGrams - $there);
    }
}
