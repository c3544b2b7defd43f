<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** Trim that went to a bin, and what it brings the fish it came from. */
final readonly class Credit
{
    private function __construct(public Mass $mass, public int $minor)
    {
    }

    /** @param  int  $valuePerKgMinor  what a kilo is worth in its bin, minor units, 0 or more */
    public static function atPerKg(Mass $mass, int $valuePerKgMinor): self
    {
        return new self(
            $mass,
            Money::toMinor(BigRational::nd($mass->milligrams, 1_000_000)->multipliedBy($valuePerKgMinor)),
        );
    }

    /** @param  int  $minor  what it really brought, 0 or more */
    public static function returned(Mass $mass, int $minor): self
    {
        return new self($mass, $minor);
    }
}
