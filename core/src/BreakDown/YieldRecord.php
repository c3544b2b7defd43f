<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/** What one fish of the house gave. */
final readonly class YieldRecord
{
    /** @param  Mass|null  $whole  of one fish as bought; null when only the yield is known */
    public function __construct(public float $pct, public ?Mass $whole = null)
    {
    }

    /** The same fish, had it been cut by answers that leave so many points more on it. */
    public function hadItKept(float $points): self
    {
        return new self($this->pct + $points, $this->whole);
    }
}
