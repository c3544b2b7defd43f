<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** Two levels of one factor against each other: they share the uncertainty of the mean, so it falls away. */
final readonly class Difference
{
    /**
     * @param  float  $pct  points of yield the first is above the second
     * @param  float  $sdPct  how well that is known
     */
    public function __construct(public string $a, public string $b, public float $pct, public float $sdPct)
    {
    }
}
