<?php

declare(strict_types=1);

namespace Sectum\Practise\Cuts;

use Sectum\Portion\Shape\MeasuredCut;

/** What came of cutting a side. */
final readonly class CutsResult
{
    /**
     * @param  list<MeasuredCut>  $pieces  from the head end
     * @param  int  $portions  in their band
     * @param  int  $possible  the best plan of the true shape has
     * @param  float  $value  of portions and trim, in the house's currency
     * @param  float  $best  of that plan
     * @param  float  $overGrams  above target in the portions
     * @param  float  $leftGrams  that is no portion
     * @param  float  $evenness  thickest to thinnest, squared
     */
    public function __construct(
        public float $scorePct,
        public array $pieces,
        public int $portions,
        public int $possible,
        public float $value,
        public float $best,
        public float $overGrams,
        public float $leftGrams,
        public float $evenness,
    ) {
    }
}
