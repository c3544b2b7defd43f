<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Brick\Math\BigRational;
use Sectum\Measure\Money;

/** What an order costs besides the fish itself, and what its trim brings. */
final readonly class Rates
{
    /**
     * @param  Money  $hour  of a cutter
     * @param  Money  $trim  what a kilo of fish brings as trim
     * @param  Money|null  $short  what a portion short costs; null when the order is not weighed by money
     * @param  Money|null  $surplus  what a portion too many still brings
     */
    public function __construct(
        public Money $hour,
        public Money $trim,
        public ?Money $short = null,
        public ?Money $surplus = null,
    ) {
    }

    public function byMoney(): bool
    {
        return $this->short !== null || $this->surplus !== null;
    }

    /** Minor units, unrounded: the fish, less their trim, and the work on them. */
    public function cost(Offer $offer, int $fish): BigRational
    {
        $grams = BigRational::of(json_encode($offer->fromGrams, JSON_THROW_ON_ERROR))
            ->plus(json_encode($offer->toGrams, JSON_THROW_ON_ERROR))
            ->dividedBy(2);
        $minutes = BigRational::of(json_encode($offer->minutes, JSON_THROW_ON_ERROR));

        return $grams
            ->dividedBy(1000)
            ->multipliedBy($offer->price->perKg->minor - $this->trim->minor)
            ->plus($minutes->multipliedBy($this->hour->minor)->dividedBy(60))
            ->multipliedBy($fish);
    }
}
