<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** Trim of one day for one bin, as the fish that is cut on it should give. */
final readonly class TrimDay
{
    /**
     * @param  string  $day  2026-12-04
     * @param  float  $grams  expected, 0 or more
     * @param  float  $sdGrams  of that, 0 or more
     */
    public function __construct(public string $day, public float $grams, public float $sdGrams)
    {
    }
}
