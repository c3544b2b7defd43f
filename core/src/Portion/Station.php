<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** A point of a fillet's shape: mass per length and thickness, scaled as they are read. */
final readonly class Station
{
    public function __construct(public float $massPerLength, public float $thickness)
    {
    }
}
