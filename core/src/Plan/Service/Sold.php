<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

/** What one service past sold of a dish, beside who came. */
final readonly class Sold
{
    /** @param  int  $covers  0 or more; one nobody came to says nothing */
    public function __construct(public int $portions, public int $covers)
    {
    }

    public function sharePct(): float
    {
        return min(100.0, (100 * $this->portions) / max(1, $this->covers));
    }
}
