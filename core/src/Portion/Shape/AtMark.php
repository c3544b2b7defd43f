<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Portion\FilletOnBoard;

/**
 * Whether a piece was cut where the plan said, and where the knife is now.
 *
 * No fillet is a quarter heavier than its table: a piece so far off was cut somewhere else, and its weight tells where.
 */
final readonly class AtMark
{
    /** Beyond this share of what lay between the marks it was another cut. Our estimate. */
    private const OFF = 0.25;

    /** @param  float  $toCm  where the piece ends */
    private function __construct(public bool $hit, public float $toCm)
    {
    }

    /**
     * @param  FilletOnBoard  $fillet  as it was believed to be before the cut
     * @param  float  $fromCm  where the knife stood
     * @param  float  $toCm  where it was told to cut, beyond the former
     * @param  float  $grams  what came off
     */
    public static function of(FilletOnBoard $fillet, float $fromCm, float $toCm, float $grams): self
    {
        $before = $fillet->gramsUpTo($fromCm);
        $told = $fillet->gramsUpTo($toCm) - $before;

        return abs($grams - $told) <= self::OFF * $told
            ? new self(true, $toCm)
            : new self(false, max($fromCm + 0.1, $fillet->cm($before + $grams)));
    }
}
