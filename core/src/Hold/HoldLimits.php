<?php

declare(strict_types=1);

namespace Sectum\Hold;

/** What a house allows between the board and the plate. The defaults are estimates. */
final readonly class HoldLimits
{
    /**
     * @param  float  $doorMinutes  a cold place may be out of range so long before it counts, 0 or more
     * @param  int  $thawedDays  thawed fish keeps so many days, counting the day it is thawed; 1 or more
     * @param  float  $outOnceMinutes  fish may be out of the cold so long at a time
     * @param  float  $outAllMinutes  and so long in all
     */
    public function __construct(
        public float $doorMinutes = 20.0,
        public int $thawedDays = 1,
        public float $outOnceMinutes = 30.0,
        public float $outAllMinutes = 120.0,
    ) {
    }
}
