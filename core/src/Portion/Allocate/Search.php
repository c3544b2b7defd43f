<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * From good to better: a start at the bench's prices, improved as far as single fillets and pairs of kinds go; then
 * some fillets emptied again and again, filled at prices a little off, and kept when that is no worse.
 *
 * The chance in it is the same each time, so the same request gets the same answer.
 */
final readonly class Search
{
    /** Fillets of which two kinds are exchanged at once. */
    private const TOGETHER = 60;

    private const SWEEPS = 2;

    /**
     * How often, and how many fillets at a time, are emptied and filled anew; tried out on the cases of the benchmark.
     */
    private const SHAKES = 24;

    private const EMPTIED = 12;

    /** How far off the prices are then, at most, as a share. */
    private const OFF = 0.07;

    /**
     * @param  (Closure(float): void)|null  $progress  told how far it is, 0 to 1
     * @return list<list<int>> by fillet, by kind
     */
    public static function of(Problem $problem, Prices $prices, ?Closure $progress = null): array
    {
        $counts = self::improved(
            $problem,
            self::filled($problem->priced($prices->prices), self::nothing($problem), array_keys($problem->rooms)),
        );
        $worth = $problem->worth($counts);
        $chance = new Randomizer(new Mt19937(1));
        for ($shake = 0; $shake < self::SHAKES; $shake++) {
            if ($progress !== null) {
                $progress(($shake + 1) / (self::SHAKES + 1));
            }
            $order = $chance->shuffleArray(array_keys($problem->rooms));
            $emptied = array_slice($order, 0, self::EMPTIED);
            $tried = self::filled(
                $problem->priced(self::off($prices, $problem, $chance)),
                array_values(
                    array_replace($counts, array_fill_keys($emptied, array_map(fn (): int => 0, $problem->sizes))),
                ),
                $emptied,
            );
            $tried = self::exchanged(
                $problem,
                self::exchanged($problem, $tried, $emptied),
                array_slice($order, 0, self::TOGETHER),
            );
            $now = $problem->worth($tried);
            if ($now >= $worth - 1e-9) {
                [$counts, $worth] = [$tried, $now];
            }
        }

        return $counts;
    }

    /**
     * Fillet after fillet filled with what is still wanted, best worth for its weight first; then with what is worth
     * more than trim.
     *
     * @return list<list<int>>
     */
    public static function greedy(Problem $problem): array
    {
        $counts = self::nothing($problem);
        $made = array_map(fn (): int => 0, $problem->sizes);
        foreach ([[$problem->gains, true], [$problem->beyond, false]] as [$gains, $wanted]) {
            $order = array_keys($problem->sizes);
            usort(
                $order,
                fn (int $a, int $b): int => $gains[$b] / $problem->sizes[$b] <=> $gains[$a] / $problem->sizes[$a],
            );
            foreach ($problem->rooms as $fillet => $room) {
                foreach ($counts[$fillet] as $kind => $count) {
                    $room -= $count * $problem->sizes[$kind];
                }
                foreach ($order as $kind) {
                    $n = $gains[$kind] > 0 ? intdiv($room, $problem->sizes[$kind]) : 0;
                    $n = $wanted ? min($n, $problem->needs[$kind] - $made[$kind]) : $n;
                    $counts[$fillet][$kind] += $n;
                    $made[$kind] += $n;
                    $room -= $n * $problem->sizes[$kind];
                }
            }
        }

        return $counts;
    }

    /** @return list<list<int>> */
    private static function nothing(Problem $problem): array
    {
        return array_map(fn (): array => array_map(fn (): int => 0, $problem->sizes), $problem->rooms);
    }

    /** @return list<float> */
    private static function off(Prices $prices, Problem $problem, Randomizer $chance): array
    {
        return array_map(
            fn (float $price, float $beyond): float => max(
                $beyond,
                $price * (1 + (self::OFF * $chance->getInt(-100, 100)) / 100),
            ),
            $prices->prices,
            $problem->beyond,
        );
    }

    /**
     * One fillet after the other filled for the most, knowing what the others give.
     *
     * @param  list<list<int>>  $counts
     * @param  list<int>  $fillets
     * @return list<list<int>>
     */
    private static function filled(Problem $problem, array $counts, array $fillets): array
    {
        $made = $problem->made($counts);
        foreach ($fillets as $fillet) {
            $others = array_map(fn (int $all, int $here): int => $all - $here, $made, $counts[$fillet]);
            $counts[$fillet] = Filling::of($problem, $problem->rooms[$fillet], $others);
            $made = array_map(fn (int $all, int $here): int => $all + $here, $others, $counts[$fillet]);
        }

        return $counts;
    }

    /**
     * Every pair of kinds cut anew from these fillets.
     *
     * @param  list<list<int>>  $counts
     * @param  list<int>  $among
     * @return list<list<int>>
     */
    private static function exchanged(Problem $problem, array $counts, array $among): array
    {
        for ($one = 0; $one < count($problem->sizes); $one++) {
            for ($other = $one + 1; $other < count($problem->sizes); $other++) {
                $counts = Exchange::of($problem, $counts, $among, $one, $other);
            }
        }

        return $counts;
    }

    /**
     * Fillet by fillet, then pair of kinds by pair of kinds.
     *
     * @param  list<list<int>>  $counts
     * @return list<list<int>>
     */
    private static function improved(Problem $problem, array $counts): array
    {
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            $counts = self::filled($problem, $counts, array_keys($problem->rooms));
            foreach (array_chunk(array_keys($problem->rooms), self::TOGETHER) as $among) {
                $counts = self::exchanged($problem, $counts, $among);
            }
        }

        return $counts;
    }
}
