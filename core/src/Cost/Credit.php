<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** Trim that went to a bin, and what it brings the fish it came from. */
final readonly class Credit
{
    private function __construct(public Mass $mass, public Money $worth)
    {
    }

    /** @param  PricePerKg  $value  what a kilo is worth in its bin, 0 or more */
    public static function at(Mass $mass, PricePerKg $value): self
    {
        return new self($mass, $value->times($mass));
    }

    /** @param  Money  $brought  what it really brought, 0 or more */
    public static function returned(Mass $mass, Money $brought): self
    {
        return new self($mass, $brought);
    }
}
