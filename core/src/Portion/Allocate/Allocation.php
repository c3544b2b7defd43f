<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Closure;

/**
 * Tonight's demand over all fillets on the bench: whole pieces at their targets, so that portions and trim are worth
 * the most.
 *
 * One or two kinds are settled exactly. With more, what is found is held against a bound that no allocation can pass,
 * and the gap between the two is told. The same request always gets the same answer.
 */
final readonly class Allocation
{
    /**
     * @param  list<array<string, int>>  $counts  by fillet as given, by kind
     * @param  array<string, int>  $made
     * @param  array<string, int>  $short
     * @param  array<string, int>  $surplus
     * @param  float  $objective  worth of portions and trim
     * @param  float  $bound  nothing can be worth more
     */
    private function __construct(
        public array $counts,
        public array $made,
        public array $short,
        public array $surplus,
        public float $objective,
        public float $bound,
    ) {
    }

    /** How far what was found may be from the best there is, in % of the bound. */
    public function gapPct(): float
    {
        return $this->bound > 0 ? (100 * max(0.0, $this->bound - $this->objective)) / $this->bound : 0.0;
    }

    /**
     * @param  list<OnBench>  $fillets
     * @param  non-empty-list<Wanted>  $kinds  each with an id of its own
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     * @param  (Closure(float): void)|null  $progress  told how far a long search is, 0 to 1
     */
    public static function of(array $fillets, array $kinds, float $trimPerKg, ?Closure $progress = null): self
    {
        $problem = Problem::of($fillets, $kinds, $trimPerKg);
        $greedy = Search::greedy($problem);
        $exact = match (true) {
            count($kinds) === 1 => $greedy,
            count($kinds) === 2 && Exchange::canDoAll($problem) => Exchange::of(
                $problem,
                $greedy,
                array_keys($fillets),
                0,
                1,
            ),
            default => null,
        };
        if ($exact !== null) {
            return self::told(
                $fillets,
                $kinds,
                $trimPerKg,
                $exact,
                $problem->made($exact),
                $problem->worth($exact),
                0.0,
            );
        }
        $prices = Prices::of($problem);
        $found = Search::of($problem, $prices, $progress);
        $best = $problem->worth($found) >= $problem->worth($greedy) ? $found : $greedy;

        return self::told(
            $fillets,
            $kinds,
            $trimPerKg,
            $best,
            $problem->made($best),
            $problem->worth($best),
            $prices->bound,
        );
    }

    /**
     * @param  list<OnBench>  $fillets
     * @param  non-empty-list<Wanted>  $kinds
     * @param  list<list<int>>  $counts
     * @param  list<int>  $made
     * @param  float  $gained  over the trim
     * @param  float  $bound  of what is gained over the trim; what was gained where that is higher
     */
    private static function told(
        array $fillets,
        array $kinds,
        float $trimPerKg,
        array $counts,
        array $made,
        float $gained,
        float $bound,
    ): self {
        $ids = array_map(fn (Wanted $kind): string => $kind->id, $kinds);
        $over = array_map(fn (Wanted $kind, int $made): int => $made - $kind->need, $kinds, $made);
        $trim = ($trimPerKg / 1000) * array_sum(array_map(fn (OnBench $fillet): float => $fillet->massGrams, $fillets));

        return new self(
            array_map(fn (array $count): array => array_combine($ids, $count), $counts),
            array_combine($ids, $made),
            array_combine($ids, array_map(fn (int $one): int => max(0, -$one), $over)),
            array_combine($ids, array_map(fn (int $one): int => max(0, $one), $over)),
            $trim + $gained,
            $trim + max($bound, $gained),
        );
    }
}
