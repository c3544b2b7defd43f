<?php

declare(strict_types=1);

namespace Sectum\BreakDown\CleanDown;

/**
 * When board, knife, pliers and cloth are cleaned: between lots, before another species that may be served raw, and
 * after
 * a burst gall bladder. It is said, and never stands in the way.
 *
 * Source: common practice; the house's own rules may ask for more.
 */
final readonly class CleanDown
{
    /** What lay on the board longer ago than so many hours was cleaned up with the day. Our estimate. */
    public const HOURS = 14;

    /**
     * @param  list<Worked>  $since  what lay on the board since the last one, the fish itself not among it
     * @param  Worked  $next  the fish that is cut now
     * @param  bool  $forRaw  whether it may be served raw
     * @return WhyClean|null the gravest reason; null when there is none
     */
    public static function needed(array $since, Worked $next, bool $forRaw): ?WhyClean
    {
        $gall = array_filter([...$since, $next], fn (Worked $one): bool => $one->gallBurst);
        $other = array_filter($since, fn (Worked $one): bool => $one->lot !== $next->lot);
        $kinds = array_filter($other, fn (Worked $one): bool => $one->species !== $next->species);

        return match (true) {
            $gall !== [] => WhyClean::GallBurst,
            $forRaw && $kinds !== [] => WhyClean::RawNext,
            $other !== [] => WhyClean::BetweenLots,
            default => null,
        };
    }
}
