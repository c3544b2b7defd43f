<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Brick\Math\BigInteger;

/**
 * The same request in whole numbers: what a piece gains over the trim it would else be, and how many units it takes.
 *
 * A unit is the greatest weight, to a tenth of a gram, that goes into every target; only whole units of a fillet count.
 */
final readonly class Problem
{
    /**
     * @param  non-empty-list<int>  $sizes  units a piece takes, by kind
     * @param  list<int>  $rooms  units of each fillet
     * @param  non-empty-list<int>  $needs  wanted, by kind
     * @param  array<int, float>  $gains  gained by a piece that is wanted, by kind
     * @param  array<int, float>  $beyond  gained by a piece beyond that, by kind; never above the former
     */
    private function __construct(
        public array $sizes,
        public array $rooms,
        public array $needs,
        public array $gains,
        public array $beyond,
    ) {
    }

    /**
     * @param  list<OnBench>  $fillets
     * @param  non-empty-list<Wanted>  $kinds
     */
    public static function of(array $fillets, array $kinds, float $trimPerKg): self
    {
        $tenths = array_map(fn (Wanted $kind): int => (int) round(10 * $kind->targetGrams), $kinds);
        $unit = max(1, array_reduce($tenths, fn (int $a, int $b): int => BigInteger::of($a)->gcd($b)->toInt(), 0));
        $trim = fn (Wanted $kind): float => ($trimPerKg / 1000) * $kind->targetGrams;

        return new self(
            array_map(fn (int $one): int => max(1, intdiv($one, $unit)), $tenths),
            array_map(
                fn (OnBench $fillet): int => intdiv((int) floor(10 * $fillet->availableGrams + 1e-6), $unit),
                $fillets,
            ),
            array_map(fn (Wanted $kind): int => $kind->need, $kinds),
            array_map(fn (Wanted $kind): float => $kind->value - $trim($kind), $kinds),
            array_map(fn (Wanted $kind): float => $kind->surplusValue - $trim($kind), $kinds),
        );
    }

    /**
     * The same bench, where a wanted piece gains its price.
     *
     * @param  array<int, float>  $prices  by kind, no lower than what a piece beyond gains
     */
    public function priced(array $prices): self
    {
        return new self($this->sizes, $this->rooms, $this->needs, $prices, $this->beyond);
    }

    /** Gained by so many of a kind. */
    public function gain(int $kind, int $made): float
    {
        $wanted = min($made, $this->needs[$kind]);

        return $this->gains[$kind] * $wanted + $this->beyond[$kind] * ($made - $wanted);
    }

    /** How many of a kind gain the most, when no more than so many can be made. */
    public function best(int $kind, int $most): int
    {
        return $this->beyond[$kind] > 0 ? $most : ($this->gains[$kind] > 0 ? min($most, $this->needs[$kind]) : 0);
    }

    /**
     * Gained in all.
     *
     * @param  list<list<int>>  $counts  by fillet, by kind
     */
    public function worth(array $counts): float
    {
        $sum = 0.0;
        foreach ($this->made($counts) as $kind => $made) {
            $sum += $this->gain($kind, $made);
        }

        return $sum;
    }

    /**
     * @param  list<list<int>>  $counts  by fillet, by kind
     * @return list<int> by kind
     */
    public function made(array $counts): array
    {
        return array_map(fn (int $kind): int => array_sum(array_column($counts, $kind)), array_keys($this->sizes));
    }
}
