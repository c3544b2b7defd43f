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
     * @param  list<array{int, int}>  $sides  bones and found of each, the first first
     * @param  float  $atLeastPct  the house asks, above 0 and below 100
     *
     * @throws BadDrill when more were found than there were
     */
    public static function of(array $sides, float $atLeastPct): self
    {
        ($atLeastPct > 0 && $atLeastPct < 100) ||
            throw new BadDrill('More than none and fewer than all are asked for.', $atLeastPct, '/at_least_pct');
        $bones = $found = 0;
        [$seen, $hit, $chance] = [0, 0, null];
        foreach ($sides as $i => [$had, $has]) {
            $has <= $had || throw new BadDrill('More were found than there were.', $has, "/sides/{$i}");
            [$bones, $found] = [$bones + $had, $found + $has];
            // Only whole looks count: the sides up to one, and at a look all of the last so many.
            if (intdiv($bones, self::LOOKS_EVERY) > intdiv($bones - $had, self::LOOKS_EVERY)) {
                [$seen, $hit] = self::last(array_slice($sides, 0, $i + 1));
                $chance = self::asMany($seen, $hit, $atLeastPct / 100);
            }
        }

        return new self($bones, $found, $seen, $chance, $chance !== null && $chance <= 1 - self::CONFIDENCE);
    }

    /**
     * What is long ago says little: of the last twice as many bones as between looks.
     *
     * @param  list<array{int, int}>  $sides
     * @return array{int, int} bones and found
     */
    private static function last(array $sides): array
    {
        [$bones, $found] = [0, 0];
        foreach (array_reverse($sides) as [$had, $has]) {
            if ($bones >= 2 * self::LOOKS_EVERY) {
                break;
            }
            [$bones, $found] = [$bones + $had, $found + $has];
        }

        return [$bones, $found];
    }

    private static function asMany(int $bones, int $found, float $share): float
    {
        return array_sum(array_slice(Binomial::of($bones, $share)->chances, $found));
    }
}
