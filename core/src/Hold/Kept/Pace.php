<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

/** How long what is left lasts, at the pace of the last hour. */
final readonly class Pace
{
    private const LOOKS_BACK = 60.0;

    /** Below so many served nobody can speak of a pace. */
    private const LEAST = 2;

    /**
     * @param  int  $left  0 or more
     * @param  int  $served  in the last hour, 0 or more
     * @return float|null minutes; null while too few were served to tell
     */
    public static function lasts(int $left, int $served): ?float
    {
        return $served < self::LEAST ? null : ($left * self::LOOKS_BACK) / $served;
    }
}
