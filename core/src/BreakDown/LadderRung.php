<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Rung;

/** One rung of the yield ladder; percentages of the purchased mass and of the rung above. */
final readonly class LadderRung
{
    /** @param  float  $sdPct  one standard deviation of $ofPurchasedPct */
    public function __construct(
        public Rung $rung,
        public float $grams,
        public float $ofPurchasedPct,
        public ?float $ofPreviousPct,
        public float $sdPct,
    ) {
    }
}
