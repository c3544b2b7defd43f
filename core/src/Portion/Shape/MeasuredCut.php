<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Portion\BadFillet;

/** A piece that was weighed, and the stretch of the fillet it was cut from. */
final readonly class MeasuredCut
{
    /** How far the knife lands from where it was told to, at each end, cm (standard deviation). Our estimate. */
    private const KNIFE_CM = 0.05;

    /**
     * @param  float  $fromCm  from the head end, 0 or more
     * @param  float  $toCm  beyond the former
     * @param  float  $grams  above 0
     * @param  float  $stepGrams  the scale's step, above 0
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(
        public float $fromCm,
        public float $toCm,
        public float $grams,
        public float $stepGrams = 1.0,
    ) {
        ($fromCm >= 0 && $toCm > $fromCm) ||
            throw new BadFillet('A piece ends beyond where it begins.', $toCm, '/to_cm');
        ($grams > 0 && is_finite($grams)) || throw new BadFillet('A piece weighs more than nothing.', $grams, '/grams');
        $stepGrams > 0 || throw new BadFillet('The scale\'s step is more than nothing.', $stepGrams, '/step_g');
    }

    /**
     * How far its weight can be from what lay between its marks, grams (standard deviation): the scale's step and two
     * cuts by hand.
     */
    public function spreadGrams(): float
    {
        $knife = (self::KNIFE_CM * $this->grams) / ($this->toCm - $this->fromCm);

        return sqrt($this->stepGrams ** 2 / 12 + 2 * $knife ** 2);
    }
}
