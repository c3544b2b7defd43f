<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** A reading that does not fit the rest of its fish. */
final readonly class Suspect
{
    /**
     * @param  float  $biasGrams  reading less what the rest says; above zero when it reads too heavy
     * @param  float  $estimateGrams  what the rest of the fish says the piece weighs
     * @param  float  $drop  how much better all else agrees without it
     * @param  list<Explanation>  $explanations  likeliest first; empty when none of the usual mistakes fits
     */
    public function __construct(
        public string $id,
        public float $biasGrams,
        public float $estimateGrams,
        public float $drop,
        public array $explanations,
    ) {
    }
}
