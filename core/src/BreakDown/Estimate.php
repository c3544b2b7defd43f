<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** A mass that was worked out, with one standard deviation; both in grams. */
final readonly class Estimate
{
    public function __construct(public float $grams, public float $sd)
    {
    }
}
