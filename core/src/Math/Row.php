<?php

declare(strict_types=1);

namespace Sectum\Math;

/** One row of a least-squares system, all of it over its sigma. */
final readonly class Row
{
    /**
     * @param  list<int>  $at  which unknowns
     * @param  list<float>  $coefficients  as many
     */
    public function __construct(
        public array $at,
        public array $coefficients,
        public float $target,
    ) {
    }
}
