<?php

declare(strict_types=1);

namespace Sectum\Hold;

/** From one minute to another. */
final readonly class Stretch
{
    public function __construct(public float $from, public float $to)
    {
    }

    public function minutes(): float
    {
        return $this->to - $this->from;
    }

    public function holds(float $minute): bool
    {
        return $minute >= $this->from && $minute <= $this->to;
    }
}
