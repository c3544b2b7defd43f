<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Closure;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;

/**
 * Tonight's demand dealt out over fillets as they lie there: by weight for the most worth, then laid on each fillet so
 * that a dish of the tail comes off the tail.
 *
 * Nothing is cut that nobody asked for. What is found is held against two bounds, whichever is lower: the one by
 * weight, and what every fillet alone could give of all that is wanted. No way of dealing can pass either.
 */
final readonly class Deal
{
    /**
     * @param  list<array<string, int>>  $counts  by fillet as given, by kind
     * @param  array<string, int>  $made
     * @param  array<string, int>  $short
     * @param  float  $gapPct  how far it may be from the best there is, in % of the bound
     */
    private function __construct(
        public array $counts,
        public array $made,
        public array $short,
        public float $gapPct,
    ) {
    }

    /**
     * @param  list<FilletOnBoard>  $fillets
     * @param  list<Kind>  $kinds  each with an id of its own, its value weighted by who comes first
     * @param  array<string, int>  $needs  by kind
     * @param  (Closure(float): void)|null  $progress  told how far a long search is, 0 to 1
     * @return self|null null when no kind is asked for that any fillet could give
     */
    public static function of(array $fillets, array $kinds, array $needs, ?Closure $progress = null): ?self
    {
        $bench = array_map(
            fn (FilletOnBoard $fillet, int $k): OnBench => new OnBench(
                (string) $k,
                max(1.0, $fillet->massGrams),
                max(0.0, $fillet->availableGrams()),
            ),
            $fillets,
            array_keys($fillets),
        );
        $most = max([0.0, ...array_map(fn (OnBench $fillet): float => $fillet->availableGrams, $bench)]);
        $asked = array_values(
            array_filter(
                $kinds,
                fn (Kind $kind): bool => $kind->targetGrams <= $most || ($needs[$kind->id] ?? 0) > 0,
            ),
        );
        if ($asked === []) {
            return null;
        }
        $wanted = array_map(
            // One more than wanted is worth no more than its flesh elsewhere.
            fn (Kind $kind): Wanted => new Wanted(
                $kind->id,
                $kind->targetGrams,
                $needs[$kind->id] ?? 0,
                $kind->value,
                0.0,
            ),
            $asked,
        );
        $dealt = Allocation::of($bench, $wanted, 0.0, $progress);
        $counts = Placing::of($fillets, $asked, $dealt->counts, $needs);
        $made = $short = [];
        $worth = 0.0;
        foreach ($asked as $kind) {
            $made[$kind->id] = array_sum(array_map(fn (array $of): int => $of[$kind->id] ?? 0, $counts));
            $short[$kind->id] = max(0, ($needs[$kind->id] ?? 0) - $made[$kind->id]);
            $worth += $kind->value * min($made[$kind->id], $needs[$kind->id] ?? 0);
        }

        // No fillet gives more than it does when it alone may give all that is wanted.
        $alone = array_sum(
            array_map(
                fn (FilletOnBoard $fillet): float => Placing::value($asked, Placing::most($fillet, $asked, $needs)),
                $fillets,
            ),
        );
        $bound = max($worth, min($dealt->bound, $alone));

        return new self($counts, $made, $short, $bound > 0 ? 100 * (1 - $worth / $bound) : 0.0);
    }
}
