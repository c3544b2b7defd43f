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
}
