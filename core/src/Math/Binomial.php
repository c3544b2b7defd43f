<?php

declare(strict_types=1);

namespace Sectum\Math;

/** Trials of one chance each: how many of them come out. */
final readonly class Binomial
{
    public const MOST = 2_000;

    /**
     * The most that come out with at least so much certainty.
     *
     * @param  int  $trials  0 to {@see self::MOST}
     * @param  float  $chance  of each, 0 to 1
     * @param  float  $certainty  above 0, below 1
     */
    public static function atLeast(int $trials, float $chance, float $certainty): int
    {
        // The exact distribution, one trial after the other: no factorial grows beyond what a float holds.
        $some = [1.0];
        for ($i = 0; $i < min($trials, self::MOST); $i++) {
            $next = [];
            for ($k = 0; $k <= $i + 1; $k++) {
                $next[$k] = ($some[$k] ?? 0.0) * (1 - $chance) + ($k > 0 ? $some[$k - 1] : 0.0) * $chance;
            }
            $some = $next;
        }
        $tail = 0.0;
        for ($k = count($some) - 1; $k > 0; $k--) {
            $tail += $some[$k];
            if ($tail >= $certainty) {
                return $k;
            }
        }

        return 0;
    }
}
