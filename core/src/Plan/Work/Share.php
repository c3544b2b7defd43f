<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** Fish of a lot that are for one dish at one service. */
final readonly class Share
{
    /** @param  float  $portions  they should give, and that are wanted of them */
    public function __construct(public LotToCut $lot, public int $fish, public float $portions)
    {
    }
}
