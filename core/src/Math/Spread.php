<?php

declare(strict_types=1);

namespace Sectum\Math;

/** A continuous distribution as a few equally likely points: its quantiles at (i − ½)/n. */
final readonly class Spread
{
    /**
     * @return list<float> of a normal
     */
    public static function normal(float $mean, float $sd, int $points): array
    {
        return array_map(
            fn (float $p): float => $sd > 0 ? $mean + $sd * Normal::quantile($p) : $mean,
            self::middles($points),
        );
    }

    /** @return list<float> of a uniform one */
    public static function uniform(float $from, float $to, int $points): array
    {
        return array_map(fn (float $p): float => $from + ($to - $from) * $p, self::middles($points));
    }

    /** @return list<float> */
    private static function middles(int $points): array
    {
        return array_map(fn (int $i): float => ($i - 0.5) / $points, range(1, max(1, $points)));
    }
}
