<?php

declare(strict_types=1);

namespace Sectum\Math;

/** Where a figure likely lies, and how surely. */
final readonly class Placed
{
    /** @param  float  $spread  0 or more */
    public function __construct(public float $place, public float $spread)
    {
    }
}
