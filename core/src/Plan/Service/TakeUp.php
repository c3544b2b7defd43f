<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

use Sectum\Math\Shrunken;

/** The share of the guests that takes a dish: a starting figure, drawn towards what was really sold. */
final readonly class TakeUp
{
    /** How many services a starting figure counts for. Our estimate. */
    private const STRENGTH = 4.0;

    /** Spread of a starting figure, as a share of itself, and at least so many points. Our estimates. */
    private const SPREAD = 0.25;

    private const LEAST = 2.0;

    /**
     * @param  float  $sharePct  0 to 100
     * @param  float  $sdPct  how the share itself differs from night to night, beside guests who decide one by one
     * @param  int  $services  it was learned from
     */
    private function __construct(public float $sharePct, public float $sdPct, public int $services)
    {
    }

    /**
     * @param  float  $startPct  0 to 100
     * @param  list<Sold>  $sold  services past
     */
    public static function of(float $startPct, array $sold): self
    {
        $sold = array_values(array_filter($sold, fn (Sold $one): bool => $one->covers > 0));
        if ($sold === [] && ($startPct <= 0 || $startPct >= 100)) {
            // A set menu: everybody has it, or nobody.
            return new self(min(100.0, max(0.0, $startPct)), 0.0, 0);
        }
        $shares = array_map(fn (Sold $one): float => $one->sharePct(), $sold);
        $start = max(self::LEAST, self::SPREAD * $startPct);
        $seen = Shrunken::of($startPct, $start, self::STRENGTH, $shares);
        // Guests who decide one by one scatter the share as well; that is counted where the portions are.
        $covers = $sold === [] ? INF : array_sum(array_map(fn (Sold $one): int => $one->covers, $sold)) / count($sold);
        $share = $seen->mean / 100;
        $own = sqrt(max(0.25, $seen->sd ** 2 - (10_000 * $share * (1 - $share)) / $covers));

        return new self(min(100.0, max(0.0, $seen->mean)), $own, $seen->records);
    }

    /**
     * Covers of a weekday, drawn from those of all days towards its own.
     *
     * @param  list<float>  $all  covers of services of every day
     * @param  list<float>  $own  of that day
     * @return Shrunken|null null while too few are known to say anything
     */
    public static function covers(array $all, array $own): ?Shrunken
    {
        $n = count($all);
        if ($n < 3) {
            return null;
        }
        $mean = array_sum($all) / $n;
        $squares = array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $all));

        return Shrunken::of($mean, max(1.0, sqrt($squares / ($n - 1))), self::STRENGTH, $own);
    }
}
