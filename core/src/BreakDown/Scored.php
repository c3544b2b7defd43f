<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** A mistake that may have been made, with how likely it is. */
final readonly class Scored
{
    /**
     * @param  float  $likelihood  its logarithm, up to a constant of the tree
     * @param  Explanation|null  $mistake  null for one nobody can name
     */
    public function __construct(public float $likelihood, public ?Explanation $mistake)
    {
    }
}
