<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

use Sectum\Measure\Mass;

/** A piece drawn to scale, and what it weighs. */
final readonly class PieceToWeigh
{
    /**
     * @param  string  $shape  of the shape tables, or the body form of a whole fish
     * @param  list<Edge>  $outline  from its head end; of a whole fish its two ends with its depth
     */
    public function __construct(
        public WeighedKind $kind,
        public string $shape,
        public array $outline,
        public Mass $mass,
    ) {
    }
}
