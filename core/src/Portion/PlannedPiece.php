<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** One piece of a plan, from the head end on. */
final readonly class PlannedPiece
{
    public function __construct(
        public string $kind,
        public float $fromCm,
        public float $toCm,
        public float $massGrams,
        public float $thinnestMm,
        public float $thickestMm,
    ) {
    }
}
