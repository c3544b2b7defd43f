<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

/**
 * What a piece of each kind is worth on the bench tonight, and with it how much can be gained at the very most.
 *
 * At any price of a piece, every fillet cut for the most money and every kind sold for what it gains above its price is
 * a bound on all that can be made (the relaxation to mixtures of cutting patterns). The prices with the least bound are
 * found by shrinking an ellipsoid around them, always the same way; every bound on the way is a true one.
 */
final readonly class Prices
{
    private const ROUNDS = 60;

    private const CLOSE = 1e-6;

    /**
     * @param  array<int, float>  $prices  by kind
     * @param  float  $bound  no allocation gains more
     * @param  list<list<int>>  $cut  counts by kind that earn the most at these prices, by fillet
     * @param  array<int, float>  $slopes  how the bound changes with each price
     */
    private function __construct(
        public array $prices,
        public float $bound,
        public array $cut,
        private array $slopes,
    ) {
    }

    public static function of(Problem $problem): self
    {
        $low = array_map(fn (float $gain): float => max(0.0, $gain), $problem->beyond);
        $high = array_map(fn (float $gain): float => max(0.0, $gain), $problem->gains);
        $free = array_values(
            array_filter(array_keys($low), fn (int $kind): bool => $high[$kind] - $low[$kind] > 1e-12),
        );
        $n = count($free);
        $at = $low;
        $shape = [];
        foreach ($free as $i => $kind) {
            $at[$kind] = ($low[$kind] + $high[$kind]) / 2;
            $shape[$i] = array_fill(0, $n, 0.0);
            $shape[$i][$i] = ($n * ($high[$kind] - $low[$kind]) ** 2) / 4;
        }
        $best = self::found($problem, $at);
        for ($round = 0; $round < self::ROUNDS * $n * $n; $round++) {
            $slope = array_fill(0, $n, 0.0);
            $over = 0.0;
            foreach ($free as $i => $kind) {
                if ($at[$kind] < $low[$kind] || $at[$kind] > $high[$kind]) {
                    $slope[$i] = $at[$kind] < $low[$kind] ? -1.0 : 1.0;
                    $over = max($low[$kind] - $at[$kind], $at[$kind] - $high[$kind]);
                    break;
                }
            }
            if ($over === 0.0) {
                $here = self::found($problem, $at);
                $best = $here->bound < $best->bound ? $here : $best;
                $over = $here->bound - $best->bound;
                $slope = array_map(fn (int $kind): float => $here->slopes[$kind], $free);
            }
            $along = array_map(fn (array $row): float => self::dot($row, $slope), $shape);
            $reach = sqrt(max(0.0, self::dot($slope, $along)));
            if ($reach <= self::CLOSE * max(1.0, abs($best->bound)) || $over >= $reach) {
                break;
            }
            $deep = $over / $reach;
            foreach ($free as $i => $kind) {
                $at[$kind] -= (((1 + $n * $deep) / ($n + 1)) * $along[$i]) / $reach;
            }
            // one price alone: the ellipsoid is a stretch, and the half is kept
            $wide = $n === 1 ? ((1 - $deep) / 2) ** 2 : (($n * $n) / ($n * $n - 1)) * (1 - $deep * $deep);
            $less = $n === 1 ? 0.0 : (2 * (1 + $n * $deep)) / (($n + 1) * (1 + $deep));
            foreach ($shape as $i => $row) {
                foreach ($row as $j => $old) {
                    $shape[$i][$j] = $wide * ($old - ($less * $along[$i] * $along[$j]) / ($reach * $reach));
                }
            }
        }

        return $best;
    }

    /** @param  array<int, float>  $prices */
    private static function found(Problem $problem, array $prices): self
    {
        $bound = 0.0;
        $slopes = [];
        foreach ($prices as $kind => $price) {
            $bound += max(0.0, $problem->gains[$kind] - $price) * $problem->needs[$kind];
            $slopes[] = $problem->gains[$kind] > $price ? (float) -$problem->needs[$kind] : 0.0;
        }
        $packed = self::knapsack($problem->sizes, $prices, max([0, ...$problem->rooms]));
        $cut = [];
        $known = [];
        foreach ($problem->rooms as $room) {
            $bound += $packed->most[$room];
            $known[$room] ??= self::pattern($problem->sizes, $packed->last, $room);
            $cut[] = $known[$room];
            foreach ($known[$room] as $kind => $count) {
                $slopes[$kind] += $count;
            }
        }

        return new self($prices, $bound, $cut, $slopes);
    }

    /**
     * @param  non-empty-list<int>  $sizes
     * @param  array<int, float>  $prices
     */
    private static function knapsack(array $sizes, array $prices, int $room): Knapsack
    {
        $most = array_fill(0, $room + 1, 0.0);
        $last = array_fill(0, $room + 1, null);
        $smallest = min($sizes);
        for ($c = $smallest; $c <= $room; $c++) {
            $best = $most[$c - 1];
            $kindOfBest = null;
            foreach ($sizes as $kind => $size) {
                if ($size <= $c && $best + 1e-12 < $most[$c - $size] + $prices[$kind]) {
                    $best = $most[$c - $size] + $prices[$kind];
                    $kindOfBest = $kind;
                }
            }
            $most[$c] = $best;
            $last[$c] = $kindOfBest;
        }

        return new Knapsack($most, $last);
    }

    /**
     * @param  non-empty-list<int>  $sizes
     * @param  array<int, int|null>  $last  as of the knapsack
     * @return list<int>
     */
    private static function pattern(array $sizes, array $last, int $room): array
    {
        $counts = array_map(fn (): int => 0, $sizes);
        while ($room > 0) {
            $kind = $last[$room];
            if ($kind === null) {
                $room--;

                continue;
            }
            $counts[$kind]++;
            $room -= $sizes[$kind];
        }

        return array_values($counts);
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $one) {
            $sum += $one * $b[$i];
        }

        return $sum;
    }
}
