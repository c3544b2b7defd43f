<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/** How many portions what lies on the board will give, before anybody has cut one. */
final readonly class Forecast
{
    /** Squared off and lost at the tail, percent of a fillet. Estimate. */
    private const ENDS_PCT = 3;

    public static function of(Mass $left, Band $band): int
    {
        return $band->target->isPositive() && $left->isPositive()
            ? intdiv(intdiv($left->milligrams * (100 - self::ENDS_PCT), 100), $band->target->milligrams)
            : 0;
    }
}
