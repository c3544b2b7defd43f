<?php

declare(strict_types=1);

namespace Sectum\Portion\Cooking;

/** Pieces that go into the pan together, and how long they take beside the thickest of all. */
final readonly class CookTogether
{
    /**
     * @param  non-empty-list<string>  $pieces
     * @param  float  $timePct  of the time the thickest pieces of the batch need
     */
    public function __construct(
        public array $pieces,
        public float $thinMm,
        public float $thickMm,
        public float $timePct,
    ) {
    }
}
