<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** How a day runs in this house, beside the hands. */
final readonly class HouseDay
{
    /**
     * @param  float  $cleanDown  minutes
     * @param  float  $readyBefore  minutes before a service at which its fish is ready
     * @param  float  $deliveries  minute of the day by which they come
     */
    public function __construct(
        public WorkMinutes $minutes,
        public float $cleanDown,
        public float $readyBefore,
        public float $deliveries,
    ) {
    }
}
