<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\BadYield;

/** What a fish of this kind, state and cut is taken to give before the house has records of its own. */
final readonly class StartingYield
{
    /**
     * @param  float  $meanPct  of the fish as bought, more than 0 and at most 100
     * @param  float  $sdPct  how much single fish differ, above 0
     * @param  float  $strength  how many of the house's own fish it counts for, above 0
     *
     * @throws BadYield which names the figure
     */
    public function __construct(public float $meanPct, public float $sdPct, public float $strength)
    {
        ($meanPct > 0 && $meanPct <= 100) ||
            throw new BadYield('A yield is more than 0 and at most 100 %.', $meanPct, '/prior/mean_pct');
        ($sdPct > 0 && is_finite($sdPct)) ||
            throw new BadYield('A spread is more than 0 %.', $sdPct, '/prior/sd_pct');
        ($strength > 0 && is_finite($strength)) ||
            throw new BadYield('A starting figure counts for more than no fish.', $strength, '/prior/strength');
    }

    /** The same for answers that leave so many points more on the fish; no less than nothing, no more than all. */
    public function hadItKept(float $points): self
    {
        return new self(min(100.0, max(0.1, $this->meanPct + $points)), $this->sdPct, $this->strength);
    }
}
