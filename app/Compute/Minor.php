<?php

declare(strict_types=1);

namespace App\Compute;

use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** Amounts of the filter: whole minor units of a currency nobody names. */
final readonly class Minor
{
    /** ISO 4217 for "no currency", with two decimals like most. */
    public static function currency(): Currency
    {
        return Currency::of('XXX');
    }

    public static function of(int $minor): Money
    {
        return Money::ofMinor($minor, self::currency());
    }

    public static function perKg(int $minor): PricePerKg
    {
        return PricePerKg::of(self::of($minor));
    }

    /**
     * @param  list<Money>  $amounts
     * @return list<int>
     */
    public static function each(array $amounts): array
    {
        return array_map(fn (Money $one): int => $one->minor, $amounts);
    }
}
