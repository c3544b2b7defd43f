<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

/** Salt of the fish after so many minutes, percent: expected, and where salt goes a third or twice as fast. */
final readonly class SaltAt
{
    public function __construct(public float $minutes, public float $pct, public float $low, public float $high)
    {
    }
}
