<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** How a hand scatters around what it aims at. */
final readonly class Scatter
{
    /** Fewer pieces say nothing of a hand. */
    public const FEWEST = 5;

    /**
     * @param  list<float>  $off  each piece beside what was aimed at, in any unit
     * @return float|null the standard deviation (n − 1) in that unit; null below two pieces
     */
    public static function of(array $off): ?float
    {
        $count = count($off);
        if ($count < 2) {
            return null;
        }
        $mean = array_sum($off) / $count;

        return sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $off)) / ($count - 1));
    }
}
