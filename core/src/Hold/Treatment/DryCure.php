<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** Salt and sugar strewn by the weight of the fish. Handbook, brine. */
final readonly class DryCure
{
    private function __construct(public float $saltGrams, public float $sugarGrams, public float $hoursTo95)
    {
    }

    /**
     * @param  float  $saltPct  of the fish, above 0 up to 100
     * @param  float  $sugarPct  0 to 100
     *
     * @throws BadHold which names the figure
     */
    public static function of(FishWater $fish, Slab $slab, float $saltPct, float $sugarPct = 0.0): self
    {
        ($saltPct > 0 && $saltPct <= 100) ||
            throw new BadHold('A cure has above 0 and up to 100 % of the fish in salt.', $saltPct, '/target_pct');
        ($sugarPct >= 0 && $sugarPct <= 100) ||
            throw new BadHold('A cure has 0 to 100 % of the fish in sugar.', $sugarPct, '/sugar_pct');

        return new self(
            ($fish->grams * $saltPct) / 100,
            ($fish->grams * $sugarPct) / 100,
            $slab->secondsToEven() / 3600,
        );
    }
}
