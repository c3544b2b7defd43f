<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What the house's own fish lost by an answer: a mean that says something only once some fish stand behind it. */
final readonly class Ours
{
    /** Fewer say more of those fish than of the answer. Our estimate. */
    private const FEWEST = 3;

    /** @param  float  $meanPct  of the fish as bought */
    public function __construct(public int $fishes, public float $meanPct)
    {
    }

    public function isEnough(): bool
    {
        return $this->fishes >= self::FEWEST;
    }
}
