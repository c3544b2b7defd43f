<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Sectum\Portion\FilletOnBoard;

/**
 * Slices of a block against the grain: straight, drawn at a slant, or paper-thin.
 *
 * A slant makes a slice look larger: its face grows and so does the step along the block; what the slant leaves at the
 * two ends is offcut.
 */
final readonly class Slices
{
    /** Nobody slices fish thinner by hand, mm. */
    private const THINNEST_MM = 1.0;

    private const HAIR = 1e-9;

    /**
     * @param  int  $slices  whole slices the block gives
     * @param  float  $sliceGrams  each
     * @param  float  $faceCm2  of one slice
     * @param  float  $offcutGrams  the rest of the block
     * @param  int  $covers  whole covers they make
     * @param  float  $slantShare  of the block's length the slant takes at either end, 0 for straight
     */
    private function __construct(
        public int $slices,
        public float $sliceGrams,
        public float $faceCm2,
        public float $offcutGrams,
        public int $covers,
        public float $slantShare,
    ) {
    }

    /**
     * @param  float  $lengthCm  of the block, along which it is sliced; above 0, as the other two
     * @param  float  $thicknessMm  of a slice, 1 or more and no more than the block is high
     * @param  float  $angleDeg  of the knife to the board, above 0 to 90; 90 cuts straight
     * @param  int  $perCover  slices a cover, 1 or more
     *
     * @throws BadCut which names the figure
     */
    public static function of(
        float $lengthCm,
        float $widthCm,
        float $heightCm,
        float $thicknessMm,
        float $angleDeg = 90.0,
        int $perCover = 1,
    ): self {
        foreach (['length_cm' => $lengthCm, 'width_cm' => $widthCm, 'height_cm' => $heightCm] as $name => $side) {
            $side > 0 || throw new BadCut('A block has a length, a width and a height above 0.', $side, "/{$name}");
        }
        ($thicknessMm >= self::THINNEST_MM && $thicknessMm <= 10 * $heightCm) ||
            throw new BadCut(
                'A slice is 1 mm thick or more, and no thicker than the block is high.',
                $thicknessMm,
                '/thickness_mm',
            );
        ($angleDeg > 0 && $angleDeg <= 90) ||
            throw new BadCut('The knife stands at more than 0 and at most 90 degrees.', $angleDeg, '/angle_deg');
        $perCover >= 1 || throw new BadCut('A cover has at least one slice.', $perCover, '/slices_per_cover');
        $sine = sin(deg2rad($angleDeg));
        $run = $angleDeg === 90.0 ? 0.0 : $heightCm / tan(deg2rad($angleDeg));
        $step = $thicknessMm / 10 / $sine;
        $slices = max(0, (int) floor(($lengthCm - $run) / $step + self::HAIR));
        $each = $step * $widthCm * $heightCm * FilletOnBoard::GRAMS_PER_CM3;

        return new self(
            $slices,
            $each,
            ($widthCm * $heightCm) / $sine,
            $lengthCm * $widthCm * $heightCm * FilletOnBoard::GRAMS_PER_CM3 - $slices * $each,
            intdiv($slices, $perCover),
            $run / $lengthCm,
        );
    }
}
