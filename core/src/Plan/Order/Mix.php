<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Measure\Money;

/** Fish of two offers together. */
final readonly class Mix
{
    /** @param  array<string, int>  $fish  by offer */
    public function __construct(public array $fish, public Money $cost, public float $shortPct)
    {
    }
}
