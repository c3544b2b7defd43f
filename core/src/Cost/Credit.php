<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Mass;

/** Trim that went to a bin, and what a kilo of it is worth there in minor units (0 or more). */
final readonly class Credit
{
    public function __construct(public Mass $mass, public int $valuePerKgMinor)
    {
    }
}
