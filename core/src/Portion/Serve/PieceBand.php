<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

use Sectum\Measure\Mass;
use Sectum\Portion\Band;

/** What one piece may weigh, of which several make a plate. */
final readonly class PieceBand
{
    /**
     * How far from its even share a piece may be and still find others to make up the plate with, percent. Our
     * estimate.
     */
    private const OFF_PCT = 25;

    /** @param  int  $pieces  a plate, 1 or more; one piece is the plate itself */
    public static function of(Band $plate, int $pieces): Band
    {
        if ($pieces === 1) {
            return $plate;
        }
        $share = Mass::ofMilligrams(intdiv($plate->target->milligrams, $pieces));
        $off = Mass::ofMilligrams(intdiv($share->milligrams * self::OFF_PCT, 100));

        return Band::of($share, $off, $off);
    }
}
