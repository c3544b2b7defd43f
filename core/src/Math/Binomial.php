<?php

declare(strict_types=1);

namespace Sectum\Math;

/** So many trials of one chance each: how often it happens. */
final readonly class Binomial
{
    /** What lies below is rounding. */
    private const NOTHING = 1e-18;

    /**
     * Built outwards from the likeliest number, so that no power underflows however many trials there are.
     *
     * @param  int  $trials  0 or more
     * @param  float  $chance  0 to 1
     */
    public static function of(int $trials, float $chance): Counted
    {
        if ($chance <= 0 || $chance >= 1 || $trials === 0) {
            $sure = $chance >= 1 ? $trials : 0;

            return new Counted([...array_fill(0, $sure, 0.0), 1.0]);
        }
        $odds = $chance / (1 - $chance);
        $mode = min($trials, (int) floor(($trials + 1) * $chance));
        $up = [1.0];
        for ($k = $mode; $k < $trials && $up[count($up) - 1] > self::NOTHING; $k++) {
            $up[] = $up[count($up) - 1] * $odds * (($trials - $k) / ($k + 1));
        }
        $down = [1.0];
        for ($k = $mode; $k > 0 && $down[count($down) - 1] > self::NOTHING; $k--) {
            $down[] = $down[count($down) - 1] * ($k / ($odds * ($trials - $k + 1)));
        }
        $low = array_reverse(array_slice($down, 1));
        $all = [...array_fill(0, $mode - count($low), 0.0), ...$low, ...$up];
        $sum = array_sum($all);

        return new Counted(array_map(fn (float $one): float => $one / $sum, $all));
    }
}
