<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** What a hand, a supplier or a method moves the yield by. */
final readonly class Effect
{
    /**
     * @param  float  $pct  points of yield against the mean of all
     * @param  float  $sdPct  how well that is known
     * @param  int  $records  fish it stands on
     */
    public function __construct(public string $level, public float $pct, public float $sdPct, public int $records)
    {
    }
}
