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

    /** Fewest services the covers of a weekday are told from, and the most all days count for. Our estimates. */
    private const FEWEST = 3;

    private const STRONGEST = 12.0;

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
     * How much a weekday scatters about its own mean is told from all of them together; the less the days differ, seen
     * from there, the more services the mean of all days counts for.
     *
     * @param  array<int, list<float>>  $byDay  covers of services past, by weekday
     * @return Shrunken|null null while too few are known to say anything
     */
    public static function covers(array $byDay, int $day): ?Shrunken
    {
        $days = array_filter($byDay, fn (array $seen): bool => $seen !== []);
        $all = array_merge(...$days);
        if (count($all) < self::FEWEST) {
            return null;
        }
        $means = array_map(self::mean(...), $days);
        $within = 0.0;
        foreach ($days as $one => $seen) {
            $within += self::squares($seen, $means[$one]);
        }
        $free = count($all) - count($days);
        $mean = self::mean(array_values($means));
        $spread = self::squares($all, self::mean($all)) / (count($all) - 1);
        $own = $free > 0 ? $within / $free : $spread;
        $between = count($days) > 1 ? self::squares(array_values($means), $mean) / (count($days) - 1) : $spread;
        $strength = $own / max(1e-9, $between - ($own * count($days)) / count($all));
        // A day nobody has seen differs from the others as they differ among themselves.
        $seen = $days[$day] ?? [];

        return Shrunken::of(
            $mean,
            max(1.0, sqrt($seen === [] ? max($own, $spread) : $own)),
            $between * count($all) <= $own * count($days) ? self::STRONGEST : min(self::STRONGEST, $strength),
            $seen,
        );
    }

    /** @param  list<float>  $seen */
    private static function mean(array $seen): float
    {
        return array_sum($seen) / max(1, count($seen));
    }

    /** @param  list<float>  $seen */
    private static function squares(array $seen, float $mean): float
    {
        return array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $seen));
    }
}
