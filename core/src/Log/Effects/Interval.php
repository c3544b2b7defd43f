<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** What people read: a difference of two levels, between what it lies nine times of ten. */
final readonly class Interval
{
    /**
     * @param  float  $pct  points the first is above the second
     * @param  float  $low  points
     * @param  float  $high  points
     */
    public function __construct(
        public string $a,
        public string $b,
        public float $pct,
        public float $low,
        public float $high,
    ) {
    }
}
