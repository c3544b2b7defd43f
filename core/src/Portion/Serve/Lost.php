<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

use Sectum\Measure\Mass;
use Sectum\Portion\Band;
use Sectum\Portion\Cuts\BoardWeight;

/** From the plate back to the board. */
final readonly class Lost
{
    /**
     * The band on the board of a portion that has its band on the plate: every weight grown by what is lost.
     *
     * @param  list<Loss>  $losses  in the order they are lost
     */
    public static function onTheBoard(Band $plate, array $losses): Band
    {
        if ($losses === []) {
            return $plate;
        }
        $shares = array_map(fn (Loss $loss): float => $loss->pct, $losses);
        $grown = fn (Mass $mass): Mass => $mass->isPositive()
            ? Mass::ofGrams(BoardWeight::of($mass->grams(), $shares)->grams)
            : $mass;

        return Band::of($grown($plate->target), $grown($plate->minus), $grown($plate->plus));
    }
}
