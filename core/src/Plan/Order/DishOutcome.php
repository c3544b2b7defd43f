<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** What an order means for one of several dishes of a fish. */
final readonly class DishOutcome
{
    /**
     * @param  float  $shortPct  chance that it runs short
     * @param  float  $shortMean  portions missing on average
     * @param  float  $surplusMean  portions left over on average
     * @param  float  $portionsMean  portions made of it on average
     * @param  float  $portionsSd  how far from that it usually lies
     */
    public function __construct(
        public string $id,
        public float $shortPct,
        public float $shortMean,
        public float $surplusMean,
        public float $portionsMean,
        public float $portionsSd,
    ) {
    }
}
