<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigNumber;

/** A kind of fish in a period: what was served of it, what became of the rest, and at which yields and prices. */
final readonly class FoodCostLine
{
    /**
     * @param  list<array{int, BigNumber, BigNumber}>  $portions  how many, grams served each, grams meant each
     * @param  BigNumber  $waste  edible grams thrown away
     * @param  BigNumber  $unaccounted  edible grams counted less than the books say; below zero when more was there
     * @param  BigNumber  $yield  edible per cent of what was bought, as it was; above zero
     * @param  BigNumber  $standardYield  as it should have been; above zero
     * @param  int  $price  minor units a kilo, as it was
     * @param  int  $standardPrice  as it should have been
     * @param  int  $netSales  minor units; 0 when not known
     */
    public function __construct(
        public array $portions,
        public BigNumber $waste,
        public BigNumber $unaccounted,
        public BigNumber $yield,
        public BigNumber $standardYield,
        public int $price,
        public int $standardPrice,
        public int $netSales,
    ) {
    }
}
