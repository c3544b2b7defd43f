<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\BadPlan;

/** A stock that goes on once there are bones enough for it. */
final readonly class StockOn
{
    /**
     * @param  float  $inBin  grams of bones that lie there already, 0 or more
     * @param  float  $batch  grams it takes, above 0
     * @param  float  $handMinutes  bones rinsed, chopped, into the pot
     * @param  float  $minutes  it simmers, and is looked at
     *
     * @throws BadPlan when a batch takes nothing
     */
    public function __construct(
        public float $inBin,
        public float $batch,
        public float $handMinutes,
        public float $minutes,
    ) {
        $batch > 0 || throw new BadPlan('A batch takes more than nothing.', $batch, '/batch');
    }
}
