<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\Line;

/**
 * How much longer than expected the middle takes to freeze in a place of this house, learned from runs with a probe in
 * the core: the middle one of all of them, so that one bad record does not bend it.
 */
final readonly class HouseFactor
{
    /** By when the middle is through freezing, °C: the latent heat is gone and it falls fast. An estimate. */
    public const THROUGH_C = -5.0;

    private const LEAST = 0.2;

    private const MOST = 5.0;

    /** Hours a run took until its middle was frozen; null while it is not. */
    public static function hoursTaken(Line $core, float $loaded): ?float
    {
        $through = $core->firstBelow(self::THROUGH_C, $loaded);

        return $through === null ? null : ($through - $loaded) / 60;
    }

    /**
     * @param  list<TimedRun>  $runs
     * @return float 1 where there is none yet; between 0.2 and 5
     */
    public static function of(array $runs): float
    {
        $ratios = array_map(fn (TimedRun $run): float => $run->took / $run->expected, $runs);
        sort($ratios);
        $n = count($ratios);
        if ($n === 0) {
            return 1.0;
        }
        $middle = intdiv($n, 2);

        return max(
            self::LEAST,
            min(self::MOST, $n % 2 === 1 ? $ratios[$middle] : ($ratios[$middle - 1] + $ratios[$middle]) / 2),
        );
    }
}
