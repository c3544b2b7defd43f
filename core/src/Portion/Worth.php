<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Brick\Math\BigRational;
use Sectum\Measure\Money;

/**
 * What a portion of a dish is worth to the house: what the menu takes for it without tax, less the rest of the plate.
 */
final readonly class Worth
{
    /**
     * @param  Money  $price  menu price with tax
     * @param  BigRational  $taxPct  on the net price, 0 or more
     * @param  Money  $sides  what the rest of the plate costs
     * @return Money never below 0
     */
    public static function of(Money $price, BigRational $taxPct, Money $sides): Money
    {
        return $price
            ->multipliedBy(BigRational::of(100)->dividedBy($taxPct->plus(100)))
            ->minus($sides)
            ->orNothing();
    }
}
