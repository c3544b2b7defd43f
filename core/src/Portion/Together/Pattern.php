<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

/** Every fillet of a batch cut into so many equal pieces, whatever it weighs. */
final readonly class Pattern
{
    /**
     * @param  int  $perFillet  1 or more
     * @param  float  $each  grams a piece of the mean fillet weighs
     * @param  float  $spread  of that, grams (standard deviation between fillets)
     * @param  float  $withinPct  of the fillets whose pieces lie in the band
     * @param  float  $underPct  whose pieces are too light
     * @param  float  $expected  portions on average
     * @param  int  $promised  portions with the certainty asked for
     */
    public function __construct(
        public int $perFillet,
        public float $each,
        public float $spread,
        public float $withinPct,
        public float $underPct,
        public float $expected,
        public int $promised,
    ) {
    }
}
