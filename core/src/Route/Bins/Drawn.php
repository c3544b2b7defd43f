<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Measure\Mass;

/** So much of one deposit that left a bin, and what it was worth there in minor units. */
final readonly class Drawn
{
    public function __construct(public Deposit $deposit, public Mass $mass, public int $minor)
    {
    }
}
