<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** A fish, or like fish in one go, that somebody cut, and how long it took. */
final readonly class CutFish
{
    /**
     * @param  string  $cutter  who cut it
     * @param  float  $grams  of each, above 0
     * @param  float  $minutes  for each, above 0
     */
    public function __construct(
        public string $species,
        public string $method,
        public string $cutter,
        public float $grams,
        public float $minutes,
    ) {
    }
}
