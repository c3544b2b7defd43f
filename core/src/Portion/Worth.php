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
     * @param  int  $priceMinor  menu price with tax
     * @param  BigRational  $taxPct  on the net price, 0 or more
     * @param  int  $sidesMinor  what the rest of the plate costs
     * @return int minor units, never below 0
     */
    public static function minor(int $priceMinor, BigRational $taxPct, int $sidesMinor): int
    {
        $net = BigRational::of($priceMinor)->multipliedBy(100)->dividedBy($taxPct->plus(100));

        return max(0, Money::toMinor($net) - $sidesMinor);
    }
}
