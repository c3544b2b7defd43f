<?php

declare(strict_types=1);

namespace Sectum\Measure;

/**
 * The units a kitchen's scale speaks.
 *
 * The avoirdupois pound is 0.453 592 37 kg exactly (international yard and pound agreement, 1959); the ounce is a
 * sixteenth of it.
 */
enum MassUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case PoundOunce = 'lb+oz';

    /** How many grams one unit is, as an exact decimal; for pounds and ounces, the pound. */
    public function grams(): string
    {
        return match ($this) {
            self::Gram => '1',
            self::Kilogram => '1000',
            self::Ounce => '28.349523125',
            self::Pound, self::PoundOunce => '453.59237',
        };
    }

    /** The same in milligrams; null for the units that are no whole number of them. */
    public function milligrams(): ?int
    {
        return match ($this) {
            self::Gram => 1000,
            self::Kilogram => 1_000_000,
            self::Ounce, self::Pound, self::PoundOunce => null,
        };
    }

    /** Decimals that tell any two masses a milligram apart from each other. */
    public function exactDecimals(): int
    {
        return match ($this) {
            self::Gram => 3,
            self::Kilogram => 6,
            self::Ounce, self::PoundOunce => 5,
            self::Pound => 7,
        };
    }
}
