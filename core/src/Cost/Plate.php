<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Money;

/** What a plate costs, what share of its price that is, and the price that would meet a target share. */
final readonly class Plate
{
    /**
     * @param  int  $plateCostMinor  portion, sides and the surcharge for sundries
     * @param  int|null  $netPriceMinor  the menu price without tax
     * @param  float|null  $costPct  plate cost over net price
     * @param  int|null  $contributionMinor  net price less plate cost
     * @param  int|null  $targetCostMinor  what the plate may cost at its price
     * @param  int|null  $suggestedNetMinor  the net price that meets the target
     * @param  int|null  $suggestedGrossMinor  the same with tax
     */
    private function __construct(
        public int $plateCostMinor,
        public ?int $netPriceMinor,
        public ?float $costPct,
        public ?int $contributionMinor,
        public ?int $targetCostMinor,
        public ?int $suggestedNetMinor,
        public ?int $suggestedGrossMinor,
    ) {
    }

    /**
     * @param  int  $portionMinor  what the portion costs
     * @param  int  $sidesMinor  what the rest of the plate costs, 0 or more
     * @param  BigRational  $surchargePct  for oil, salt and other sundries, on portion and sides together, 0 or more
     * @param  int|null  $priceMinor  menu price with tax, above 0; null when there is none yet
     * @param  BigRational  $taxPct  on the net price, 0 or more
     * @param  BigRational|null  $targetCostPct  above 0; null when the house has none
     */
    public static function of(
        int $portionMinor,
        int $sidesMinor,
        BigRational $surchargePct,
        ?int $priceMinor,
        BigRational $taxPct,
        ?BigRational $targetCostPct,
    ): self {
        $cost = Money::toMinor(self::raised(BigRational::of($portionMinor + $sidesMinor), $surchargePct));
        $net =
            $priceMinor === null
                ? null
                : BigRational::of($priceMinor)->dividedBy(self::raised(BigRational::one(), $taxPct));
        $netMinor = $net === null ? null : Money::toMinor($net);
        $suggested =
            $targetCostPct === null ? null : BigRational::of($cost)->multipliedBy(100)->dividedBy($targetCostPct);

        return new self(
            $cost,
            $netMinor,
            $net === null || $net->isZero()
                ? null
                : BigRational::of($cost)->multipliedBy(100)->dividedBy($net)->toFloat(),
            $netMinor === null ? null : $netMinor - $cost,
            $net === null || $targetCostPct === null
                ? null
                : Money::toMinor($net->multipliedBy($targetCostPct)->dividedBy(100)),
            $suggested === null ? null : Money::toMinor($suggested),
            $suggested === null ? null : Money::toMinor(self::raised($suggested, $taxPct)),
        );
    }

    private static function raised(BigRational $amount, BigRational $byPct): BigRational
    {
        return $amount->multipliedBy($byPct->plus(100))->dividedBy(100);
    }
}
