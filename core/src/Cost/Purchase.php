<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** What was paid for and worked on a fish. */
final readonly class Purchase
{
    /**
     * @param  Mass  $mass  as invoiced, above zero
     * @param  PricePerKg  $price  0 or more
     * @param  Money  $delivery  this fish's share of the delivery, 0 or more
     * @param  BigRational  $labourMinutes  0 or more
     * @param  Money  $labourPerHour  0 or more
     * @param  Money|null  $credited  what its supplier credited for this very fish, 0 or more; null when nothing
     */
    public function __construct(
        public Mass $mass,
        public PricePerKg $price,
        public Money $delivery,
        public BigRational $labourMinutes,
        public Money $labourPerHour,
        public ?Money $credited = null,
    ) {
    }
}
