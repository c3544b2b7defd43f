<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;

/** What was paid for and worked on a fish. */
final readonly class Purchase
{
    /**
     * @param  Mass  $mass  as invoiced, above zero
     * @param  int  $pricePerKgMinor  minor units a kilo, 0 or more
     * @param  int  $deliveryMinor  this fish's share of the delivery, 0 or more
     * @param  BigRational  $labourMinutes  0 or more
     * @param  int  $labourRateMinor  minor units an hour, 0 or more
     */
    public function __construct(
        public Mass $mass,
        public int $pricePerKgMinor,
        public int $deliveryMinor,
        public BigRational $labourMinutes,
        public int $labourRateMinor,
    ) {
    }
}
