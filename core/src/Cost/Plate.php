<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Money;

/** What a plate costs, what share of its price that is, and the price that would meet a target share. */
final readonly class Plate
{
    /**
     * @param  Money  $cost  portion, sides and the surcharge for sundries
     * @param  Money|null  $netPrice  the menu price without tax
     * @param  float|null  $costPct  plate cost over net price
     * @param  Money|null  $contribution  net price less plate cost
     * @param  Money|null  $targetCost  what the plate may cost at its price
     * @param  Money|null  $suggestedNet  the net price that meets the target
     * @param  Money|null  $suggestedGross  the same with tax
     */
    private function __construct(
        public Money $cost,
        public ?Money $netPrice,
        public ?float $costPct,
        public ?Money $contribution,
        public ?Money $targetCost,
        public ?Money $suggestedNet,
        public ?Money $suggestedGross,
    ) {
    }

    /**
     * @param  Money  $portion  what the portion costs
     * @param  Money  $sides  what the rest of the plate costs, 0 or more
     * @param  BigRational  $surchargePct  for oil, salt and other sundries, on portion and sides together, 0 or more
     * @param  Money|null  $price  menu price with tax, above 0; null when there is none yet
     * @param  BigRational  $taxPct  on the net price, 0 or more
     * @param  BigRational|null  $targetCostPct  above 0; null when the house has none
     */
    public static function of(
        Money $portion,
        Money $sides,
        BigRational $surchargePct,
        ?Money $price,
        BigRational $taxPct,
        ?BigRational $targetCostPct,
    ): self {
        $money = fn (BigRational $minor): Money => Money::round($minor, $portion->currency);
        $cost = $money(self::raised(BigRational::of($portion->plus($sides)->minor), $surchargePct));
        $net = $price === null
            ? null
            : BigRational::of($price->minor)->dividedBy(self::raised(BigRational::one(), $taxPct));
        $suggested = $targetCostPct === null
            ? null
            : BigRational::of($cost->minor)->multipliedBy(100)->dividedBy($targetCostPct);

        return new self(
            $cost,
            $net === null ? null : $money($net),
            $net === null || $net->isZero()
                ? null
                : BigRational::of($cost->minor)->multipliedBy(100)->dividedBy($net)->toFloat(),
            $net === null ? null : $money($net)->minus($cost),
            $net === null || $targetCostPct === null
                ? null
                : $money($net->multipliedBy($targetCostPct)->dividedBy(100)),
            $suggested === null ? null : $money($suggested),
            $suggested === null ? null : $money(self::raised($suggested, $taxPct)),
        );
    }

    private static function raised(BigRational $amount, BigRational $byPct): BigRational
    {
        return $amount->multipliedBy($byPct->plus(100))->dividedBy(100);
    }
}
