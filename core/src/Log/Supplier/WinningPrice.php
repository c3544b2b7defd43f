<?php

declare(strict_types=1);

namespace Sectum\Log\Supplier;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/**
 * At which price a supplier's fish costs no more an edible kilo than another's, with his yields and all else his own.
 */
final readonly class WinningPrice
{
    /**
     * @param  Mass  $bought  of him, above zero
     * @param  Money  $other  what was added to his invoices: delivery and work, less credits; may be below zero
     * @param  Mass  $edible  what came of it, above zero
     * @param  PricePerKg  $aim  what an edible kilo may cost
     * @return PricePerKg|null null when no price above nothing is low enough
     */
    public static function of(Mass $bought, Money $other, Mass $edible, PricePerKg $aim): ?PricePerKg
    {
        $may = $aim->times($edible)->minus($other);

        return $may->minor <= 0
            ? null
            : PricePerKg::of(Money::round(
                BigRational::nd($may->minor, $bought->milligrams)->multipliedBy(1_000_000),
                $may->currency,
            ));
    }
}
