<?php

declare(strict_types=1);

namespace Sectum\Tests;

use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** Cents, as the tests write amounts. */
final class Euro
{
    public static function currency(): Currency
    {
        return Currency::of('EUR');
    }

    public static function of(int $cents): Money
    {
        return Money::ofMinor($cents, self::currency());
    }

    public static function perKg(int $cents): PricePerKg
    {
        return PricePerKg::ofMinor($cents, self::currency());
    }

    /**
     * @param  list<Money>  $amounts
     * @return list<int>
     */
    public static function cents(array $amounts): array
    {
        return array_map(fn (Money $one): int => $one->minor, $amounts);
    }
}
