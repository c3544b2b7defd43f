<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Measure\Money;

/** So many fish of an offer, and what comes of them. */
final readonly class Outcome
{
    /** Spreads to either side of the mean of a normal that hold nine in ten. */
    private const NINE_IN_TEN = 1.645;

    /**
     * @param  bool  $enough  whether the chance asked for is kept; if not, these are all there are
     * @param  float  $portionsMean  made
     * @param  float  $portionsSd  how far from that it usually lies
     * @param  float  $shortPct  chance that something is short
     * @param  float  $shortMean  portions
     * @param  float  $surplusMean  portions
     * @param  ByMoney|null  $byMoney  the number that costs least in the end; null where nobody said what short costs
     * @param  list<DishOutcome>  $dishes  where several are cut of it, in their order
     */
    public function __construct(
        public Offer $offer,
        public bool $enough,
        public int $fish,
        public float $portionsMean,
        public float $portionsSd,
        public float $shortPct,
        public float $shortMean,
        public float $surplusMean,
        public Money $cost,
        public ?ByMoney $byMoney = null,
        public array $dishes = [],
    ) {
    }

    /** Portions made at least, and at most, nine times in ten. */
    public function fewest(): int
    {
        return max(0, (int) floor($this->portionsMean - self::NINE_IN_TEN * $this->portionsSd));
    }

    public function most(): int
    {
        return (int) ceil($this->portionsMean + self::NINE_IN_TEN * $this->portionsSd);
    }

    public function massGrams(): float
    {
        return $this->fish * $this->offer->meanGrams();
    }
}
