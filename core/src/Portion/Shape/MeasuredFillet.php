<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletShape;

/** A fillet that was cut by marks, with what its pieces weighed. */
final readonly class MeasuredFillet
{
    /**
     * @param  float  $massGrams  above 0
     * @param  float  $lengthCm  above 0
     * @param  list<MeasuredCut>  $cuts
     * @param  list<MeasuredThickness>  $marks  where somebody measured how thick it is
     * @param  float  $thicknessMm  greatest, above 0; only asked for with marks
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(
        public float $massGrams,
        public float $lengthCm,
        public array $cuts,
        public array $marks = [],
        public float $thicknessMm = 1.0,
    ) {
        $massGrams > 0 || throw new BadFillet('A fillet weighs more than nothing.', $massGrams, '/mass_g');
        $lengthCm > 0 || throw new BadFillet('A fillet is longer than nothing.', $lengthCm, '/length_cm');
    }

    /** How far pieces are from what a shape says of them: the sum of the shares each is off by. */
    public function offBy(FilletShape $shape): float
    {
        return array_sum(
            array_map(function (MeasuredCut $cut) use ($shape): float {
                $said =
                    $this->massGrams *
                    ($shape->massUpTo($cut->toCm / $this->lengthCm) - $shape->massUpTo($cut->fromCm / $this->lengthCm));

                return abs($said - $cut->grams) / $cut->grams;
            }, $this->cuts),
        );
    }
}
