<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\BreakDown\ExpectedYield;
use Sectum\Plan\BadPlan;
use Sectum\Portion\Together\UncutPortions;

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
        $whole = new self($at->meanPct, $at->lotSdPct, $at->fishSdPct, $at->records);

        return $whole->times(min(1.0, $trimmedPct / $stepPct));
    }

    /** What of it can be portions: less what is squared off and lost at the tail, as it is of all fish nobody cut. */
    public function inPortions(): self
    {
        return $this->times(1 - UncutPortions::ENDS);
    }

    private function times(float $share): self
    {
        return new self(
            min(100.0, $this->meanPct * $share),
            $this->lotSdPct * $share,
            $this->fishSdPct * $share,
            $this->records,
        );
    }
}
