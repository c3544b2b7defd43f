<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\BreakDown\ExpectedYield;
use Sectum\Plan\BadPlan;

/** What of a fish should be trimmed fillets, and how well that is known. */
final readonly class TrimmedYield
{
    /**
     * @param  float  $meanPct  of the fish as purchased
     * @param  float  $lotSdPct  points all fish of a lot are off alike
     * @param  float  $fishSdPct  points single fish differ by
     * @param  int  $records  of the house's own it stands on
     */
    private function __construct(
        public float $meanPct,
        public float $lotSdPct,
        public float $fishSdPct,
        public int $records,
    ) {
    }

    /**
     * A house that weighs fillets and not what trimming takes off them is taken to trim as the starting figures do.
     *
     * @param  ExpectedYield  $at  the step that was weighed
     * @param  float  $stepPct  where that step starts, as purchased, above 0
     * @param  float  $trimmedPct  where trimmed fillets start, above 0
     *
     * @throws BadPlan when a starting figure is nothing
     */
    public static function of(ExpectedYield $at, float $stepPct, float $trimmedPct): self
    {
        ($stepPct > 0 && $trimmedPct > 0) ||
            throw new BadPlan('A starting figure is above nothing.', $stepPct, '/yield');
        $share = min(1.0, $trimmedPct / $stepPct);

        return new self(
            min(100.0, $at->meanPct * $share),
            $at->lotSdPct * $share,
            $at->fishSdPct * $share,
            $at->records,
        );
    }
}
