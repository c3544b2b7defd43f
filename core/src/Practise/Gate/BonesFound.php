<?php

declare(strict_types=1);

namespace Sectum\Practise\Gate;

use Sectum\Math\Binomial;
use Sectum\Practise\BadDrill;

/**
 * May this hand check for bones alone? Of the bones of the last sides, how many were found: it passes when chances are
 * at most one in a hundred that a hand which finds no more than the house asks found as many (exact binomial, after
 * Clopper and Pearson). Looked at after so many bones only, like the eye: looking after every side lets the lucky
 * through.
 */
final readonly class BonesFound
{
    /** Bones after which a gate looks. */
    public const LOOKS_EVERY = 200;

    private const CONFIDENCE = 0.99;

    /** @param  float|null  $chance  that a hand at the house's limit finds as many; null before the first look */
    private function __construct(
        public int $bones,
        public int $found,
        public int $lookedAt,
        public ?float $chance,
        public bool $passes,
    ) {
    }

    /**
     * @param  list<SideSearched>  $sides  the first first
     * @param  float  $atLeastPct  the house asks, above 0 and below 100
     *
     * @throws BadDrill when nothing is asked for, or all
     */
    public static function of(array $sides, float $atLeastPct): self
    {
        ($atLeastPct > 0 && $atLeastPct < 100) ||
            throw new BadDrill('More than none and fewer than all are asked for.', $atLeastPct, '/at_least_pct');
        $bones = $found = 0;
        [$seen, $hit, $chance] = [0, 0, null];
        foreach ($sides as $i => $side) {
            [$bones, $found] = [$bones + $side->bones, $found + $side->found];
            // Only whole looks count: the sides up to one, and at a look all of the last so many.
            if (intdiv($bones, self::LOOKS_EVERY) > intdiv($bones - $side->bones, self::LOOKS_EVERY)) {
                $last = self::last(array_slice($sides, 0, $i + 1));
                [$seen, $hit] = [$last->bones, $last->found];
                $chance = self::asMany($seen, $hit, $atLeastPct / 100);
            }
        }

        return new self($bones, $found, $seen, $chance, $chance !== null && $chance <= 1 - self::CONFIDENCE);
    }

    /**
     * What is long ago says little: of the last twice as many bones as between looks.
     *
     * @param  list<SideSearched>  $sides
     */
    private static function last(array $sides): SideSearched
    {
        [$bones, $found] = [0, 0];
        foreach (array_reverse($sides) as $side) {
            if ($bones >= 2 * self::LOOKS_EVERY) {
                break;
            }
            [$bones, $found] = [$bones + $side->bones, $found + $side->found];
        }

        return new SideSearched($bones, $found);
    }

    private static function asMany(int $bones, int $found, float $share): float
    {
        return array_sum(array_slice(Binomial::of($bones, $share)->chances, $found));
    }
}
