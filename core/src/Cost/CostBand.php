<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** Whether a dish's cost % is where the house wants it: its target, and so many points to either side. */
enum CostBand: string
{
    case Below = 'below';
    case Within = 'within';
    case Above = 'above';

    /** 30.1 and 2.8 points more are 32.9, whatever their binary fractions say. */
    private const HAIR = 1e-9;

    /**
     * @param  float  $costPct  plate cost over net price
     * @param  float  $targetPct  above 0
     * @param  float  $points  0 or more
     */
    public static function of(float $costPct, float $targetPct, float $points): self
    {
        return match (true) {
            $costPct > $targetPct + $points + self::HAIR => self::Above,
            $costPct < $targetPct - $points - self::HAIR => self::Below,
            default => self::Within,
        };
    }
}
