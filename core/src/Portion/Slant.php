<?php

declare(strict_types=1);

namespace Sectum\Portion;

/**
 * A cut on a slant: the knife leans towards the tail, so the piece shows a longer face and is thinner across.
 *
 * Plain geometry of a parallel cut through a slab: straight down the face is as tall as the fillet is thick.
 */
final readonly class Slant
{
    /**
     * @param  float  $faceMm  how long the cut face is
     * @param  float  $sliceMm  how thick the piece is across that face
     */
    private function __construct(public float $faceMm, public float $sliceMm)
    {
    }

    /**
     * @param  float  $degrees  between knife and board: 90 is straight down, 15 the flattest
     * @param  float  $filletMm  how thick the fillet is there, above 0
     * @param  float  $widthMm  how far apart the two cuts are along the board, above 0
     *
     * @throws BadFillet when the knife would lie on the board
     */
    public static function of(float $degrees, float $filletMm, float $widthMm): self
    {
        ($degrees >= 15 && $degrees <= 90) ||
            throw new BadFillet('A knife leans between 15 and 90 degrees.', $degrees, '/slant_deg');
        $sine = sin(deg2rad($degrees));

        return new self($filletMm / $sine, $widthMm * $sine);
    }
}
