<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** So many boxes of one offer and so many of another, and the chance of running short with them. */
final readonly class BoxPair
{
    public function __construct(public int $first, public int $second, public float $short)
    {
    }
}
