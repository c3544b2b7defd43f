<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Log\BadLog;

/** A fish with its yield, and by whom, from whom and how it was cut. */
final readonly class YieldSeen
{
    /**
     * @param  string  $group  species, state and yield step: what is compared with what
     * @param  float  $grams  of one fish, above 0
     * @param  float  $pct  its yield, above 0 up to 100
     * @param  array<string, string>  $levels  by factor: cutter, supplier, method …
     *
     * @throws BadLog which names the figure
     */
    public function __construct(public string $group, public float $grams, public float $pct, public array $levels)
    {
        $grams > 0 || throw new BadLog('A fish weighs more than nothing.', $grams, '/mass_g');
        ($pct > 0 && $pct <= 100) || throw new BadLog('A yield is above 0 and up to 100 %.', $pct, '/yield_pct');
    }
}
