<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** A brine of some strength for some minutes: what goes into it, and how salty the fish comes out. Handbook, brine. */
final readonly class TimedBrine
{
    /**
     * @param  float  $saltGrams  to be weighed in
     * @param  float  $waterGrams  the same
     * @param  float  $fishSaltPct  expected; low and high where salt goes a third or twice as fast
     * @param  float  $ceilingPct  were it left in for good
     * @param  float|null  $minutesToTarget  null without a target, or where it is not below the ceiling
     */
    private function __construct(
        public float $saltGrams,
        public float $waterGrams,
        public float $salometerDegrees,
        public float $fishSaltPct,
        public float $lowPct,
        public float $highPct,
        public float $ceilingPct,
        public ?float $minutesToTarget,
    ) {
    }

    /**
     * @param  float  $brineGrams  above 0
     * @param  float  $minutes  0 or more
     * @param  float|null  $targetPct  salt of the fish, above 0
     *
     * @throws BadHold which names the figure
     */
    public static function of(
        FishWater $fish,
        Slab $slab,
        Strength $strength,
        float $brineGrams,
        float $minutes,
        ?float $targetPct = null,
    ): self {
        $brineGrams > 0 || throw new BadHold('There is no brine.', $brineGrams, '/brine_g');
        $minutes >= 0 || throw new BadHold('A brine ends no earlier than it began.', $minutes, '/minutes');
        ($targetPct === null || ($targetPct > 0 && $targetPct < 100)) ||
            throw new BadHold('A target is above 0 and below 100 %.', $targetPct, '/target_pct');
        $salt = ($brineGrams * $strength->pct) / 100;
        $water = $brineGrams - $salt;
        $bath = $water / $fish->water();
        // Salt per gram of water once both are as salty as each other.
        $most = ($salt / ($water + $fish->water())) * $fish->water();
        $after = fn (Slab $as): float => $fish->saltPct($most * $as->reached($bath, 60 * $minutes));
        $wanted = $targetPct === null ? INF : $fish->saltAt($targetPct);

        return new self(
            $salt,
            $water,
            $strength->degrees(),
            $after($slab),
            $after($slab->times(Slab::SLOW)),
            $after($slab->times(Slab::FAST)),
            $fish->saltPct($most),
            $wanted < $most ? $slab->secondsTo($wanted / $most, $bath) / 60 : null,
        );
    }
}
