<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** Fish that is treated, and the water in it that salt goes into. */
final readonly class FishWater
{
    /** Share of water in fish. Handbook. */
    public const USUAL_PCT = 75.0;

    public float $share;

    /**
     * @param  float  $grams  above 0
     * @param  float  $waterPct  20 to 95
     *
     * @throws BadHold which names the figure
     */
    public function __construct(public float $grams, float $waterPct = self::USUAL_PCT)
    {
        $grams > 0 || throw new BadHold('There is no fish to treat.', $grams, '/fish_g');
        ($waterPct >= 20 && $waterPct <= 95) ||
            throw new BadHold('Fish is 20 to 95 % water.', $waterPct, '/fish_water_pct');
        $this->share = $waterPct / 100;
    }

    public function water(): float
    {
        return $this->share * $this->grams;
    }

    /** Salt of the fish in percent once it has taken so much up. */
    public function saltPct(float $taken): float
    {
        return (100 * $taken) / ($this->grams + $taken);
    }

    /** Salt it holds when it is so salty, grams. */
    public function saltAt(float $pct): float
    {
        return ($this->grams * $pct) / (100 - $pct);
    }
}
