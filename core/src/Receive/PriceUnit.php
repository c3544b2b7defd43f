<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/** What a price on an invoice is for. */
enum PriceUnit: string
{
    case Kilo = 'kg';
    case Pound = 'lb';
    case Each = 'each';

    /** "a kg", "a lb", "each" */
    public function spoken(): string
    {
        return $this === self::Each ? 'each' : "a {$this->value}";
    }

    /**
     * What a mass, or a count, costs: exact, in minor units, not rounded.
     *
     * @param  BigRational  $price  minor units for one kilo, pound or fish
     */
    public function amount(BigRational $price, Mass $mass, int $count): BigRational
    {
        return match ($this) {
            self::Each => $price->multipliedBy($count),
            self::Kilo => $price->multipliedBy($mass->milligrams)->dividedBy(1_000_000),
            self::Pound => $price->multipliedBy($mass->milligrams)->dividedBy(self::poundInMilligrams()),
        };
    }

    /** The same price for a kilo; null when it is for each and nothing was weighed. */
    public function perKilo(BigRational $price, Mass $mass, int $count): ?BigRational
    {
        return match ($this) {
            self::Kilo => $price,
            self::Pound => $price->multipliedBy(1_000_000)->dividedBy(self::poundInMilligrams()),
            self::Each => $mass->isPositive()
                ? $price->multipliedBy($count)->multipliedBy(BigInteger::of(1_000_000))->dividedBy($mass->milligrams)
                : null,
        };
    }

    private static function poundInMilligrams(): BigRational
    {
        return BigRational::of(MassUnit::Pound->grams())->multipliedBy(1000);
    }
}
