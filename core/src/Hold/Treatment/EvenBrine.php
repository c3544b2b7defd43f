<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** A brine weighed so that fish and water end equally salty, over days. Handbook, brine. */
final readonly class EvenBrine
{
    /** When it counts as even: this share of what there is to take up. */
    private const DONE = 0.95;

    /**
     * @param  float  $saltGrams  by balance of water
     * @param  float  $thumbGrams  by the rule of thumb: the share of fish and water together
     * @param  float  $thumbFishPct  what that really gives
     */
    private function __construct(
        public float $saltGrams,
        public float $thumbGrams,
        public float $thumbFishPct,
        public float $hoursTo95,
    ) {
    }

    /**
     * @param  float  $targetPct  salt of the fish, above 0, below 20
     * @param  float  $waterGrams  above 0
     *
     * @throws BadHold which names the figure
     */
    public static function of(FishWater $fish, Slab $slab, float $targetPct, float $waterGrams): self
    {
        ($targetPct > 0 && $targetPct < 20) ||
            throw new BadHold('A fish is salted to above 0 and below 20 %.', $targetPct, '/target_pct');
        $waterGrams > 0 || throw new BadHold('There is no water.', $waterGrams, '/water_g');
        $all = $waterGrams + $fish->water();
        $salt = (($fish->saltAt($targetPct) / $fish->grams) * $all) / $fish->share;
        $thumb = (($fish->grams + $waterGrams) * $targetPct) / 100;
        (100 * $salt) / ($salt + $waterGrams) <= Strength::SATURATED ||
            throw new BadHold('So much salt does not dissolve in this water.', $targetPct, '/target_pct');

        return new self(
            $salt,
            $thumb,
            $fish->saltPct(($thumb / $all) * $fish->water()),
            $slab->secondsTo(self::DONE, $waterGrams / $fish->water()) / 3600,
        );
    }
}
