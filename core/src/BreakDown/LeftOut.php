<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What the rest of the fish says of a piece when its own reading is left out. */
final readonly class LeftOut
{
    /**
     * @param  float  $drop  by how much the objective falls
     * @param  float  $estimate  grams
     * @param  float  $sd  grams
     */
    public function __construct(public float $drop, public float $estimate, public float $sd)
    {
    }
}
