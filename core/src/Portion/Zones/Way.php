<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

use Sectum\Portion\PlannedPiece;

/** What one way of treating belly and tail gives. */
final readonly class Way
{
    /**
     * @param  list<PlannedPiece>  $pieces
     * @param  float  $value  of portions, belly, tail and trim together, in the money the kinds are in
     * @param  float|null  $unevenness  (thickest/thinnest)² of the worst piece, a flap left on counted; null without
     *     pieces
     * @param  float  $leftOverGrams  neither portion nor belly
     */
    public function __construct(
        public TakenOff $belly,
        public TakenOff $tail,
        public array $pieces,
        public float $value,
        public ?float $unevenness,
        public float $leftOverGrams,
    ) {
    }
}
