<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What a cut loses to the board in water, blood and scales, in percent of the piece that was cut. */
final readonly class Loss
{
    /**
     * @param  float  $meanPct  0 or more
     * @param  float  $sdPct  above 0
     */
    public function __construct(public float $meanPct = 0.5, public float $sdPct = 0.4)
    {
    }
}
