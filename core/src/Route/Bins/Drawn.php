<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** So much of one deposit that left a bin, and what it was worth there. */
final readonly class Drawn
{
    public function __construct(public Deposit $deposit, public Mass $mass, public Money $worth)
    {
    }
}
