<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

/** A pot and what goes into it, in litres. */
final readonly class FilledPot
{
    public function __construct(public float $litres, public float $filled)
    {
    }
}
