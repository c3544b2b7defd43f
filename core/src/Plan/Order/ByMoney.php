<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Measure\Money;

/** The number of fish that costs least when a guest turned away and a portion too many are counted in. */
final readonly class ByMoney
{
    public function __construct(public int $fish, public Money $total, public float $shortPct)
    {
    }
}
