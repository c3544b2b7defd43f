<?php

declare(strict_types=1);

namespace Sectum\Math;

/**
 * A starting figure, drawn towards what was really seen: normal with unknown mean and spread, normal-inverse-gamma
 * prior.
 *
 * The law of the handbook's expected yield without its trend, for figures that are no yields.
 */
final readonly class Shrunken
{
    /** Shape of the prior of the spread, as for yields. */
    private const ALPHA = 3.0;

    /**
     * @param  float  $sd  of the next one
     * @param  int  $records  seen
     */
    private function __construct(public float $mean, public float $sd, public int $records)
    {
    }

    /**
     * @param  float  $sd  of the starting figure, above 0
     * @param  float  $strength  how many records it counts for, above 0
     * @param  list<float>  $seen
     */
    public static function of(float $mean, float $sd, float $strength, array $seen): self
    {
        $n = count($seen);
        $own = $n === 0 ? 0.0 : array_sum($seen) / $n;
        $kappa = $strength + $n;
        $alpha = self::ALPHA + $n / 2;
        $squares = array_sum(array_map(fn (float $one): float => ($one - $own) ** 2, $seen));
        $beta = $sd ** 2 * (self::ALPHA - 1) + $squares / 2 + ($strength * $n * ($own - $mean) ** 2) / (2 * $kappa);

        return new self(
            ($strength * $mean + $n * $own) / $kappa,
            sqrt(($beta * ($kappa + 1)) / ($alpha * $kappa)),
            $n,
        );
    }
}
