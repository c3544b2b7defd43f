<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Small pieces matched in threes so that each plate lies in its band: a search, with a bound that is always true.
 *
 * Nobody knows a quick way to the best threes. Up to nine pieces every way is tried. Beyond, the best of four orders of
 * filling is taken; then two plates and some pieces left over are dealt anew, again and again, and kept when that is no
 * worse. The chance in it is seeded: the same pieces give the same plates.
 */
final readonly class Threes
{
    private const HAIR = 1e-9;

    private const ROUNDS = 4000;

    /** Pieces dealt anew at a time: one plate or two, and some that were left. */
    private const AT_ONCE = 9;

    /**
     * @param  list<list<int>>  $groups  places in the list as given, each ascending, by the first
     * @param  list<int>  $left
     * @param  int  $bound  more plates than these cannot be made
     */
    private function __construct(
        public array $groups,
        public float $spread,
        public array $left,
        public int $bound,
    ) {
    }

    /**
     * @param  list<float>  $masses  grams, each above 0
     * @param  float  $target  of three together
     */
    public static function of(array $masses, float $target, float $minus, float $plus): self
    {
        [$least, $most] = [$target - $minus - self::HAIR, $target + $plus + self::HAIR];
        $usable = self::usable($masses, $least, $most);
        $best = new Filled([], $usable);
        if (count($usable) <= self::AT_ONCE) {
            $best = new Filled(self::dealt($usable, $masses, $target, $least, $most), []);
            $usable = [];
        }
        foreach (['heavy', 'light', 'both', 'middle'] as $from) {
            $filled = self::filled($usable, $masses, $target, $least, $most, $from);
            $best = self::better($filled->groups, $best->groups, $masses, $target) ? $filled : $best;
        }
        $bound = $usable === []
            ? count($best->groups)
            : self::bound(array_map(fn (int $i): float => $masses[$i], $usable), $least, $most);
        $best = $usable === [] ? $best : self::searched($best, $masses, $target, $least, $most);
        $groups = array_map(function (array $group): array {
            sort($group);

            return $group;
        }, $best->groups);
        usort($groups, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $left = array_values(array_diff(array_keys($masses), array_merge(...$groups)));

        return new self($groups, self::spread($groups, $masses, $target), $left, $bound);
    }

    /**
     * Those that could be on any plate at all: with the two lightest others not too heavy, with the two heaviest not
     * too light.
     *
     * @param  list<float>  $masses
     * @return list<int> lightest first
     */
    private static function usable(array $masses, float $least, float $most): array
    {
        $order = array_keys($masses);
        usort($order, fn (int $a, int $b): int => [$masses[$a], $a] <=> [$masses[$b], $b]);
        do {
            $before = count($order);
            while (
                count($order) >= 3 &&
                $most < $masses[$order[count($order) - 1]] + $masses[$order[0]] + $masses[$order[1]]
            ) {
                array_pop($order);
            }
            while (
                ($n = count($order)) >= 3 &&
                $least > $masses[$order[0]] + $masses[$order[$n - 1]] + $masses[$order[$n - 2]]
            ) {
                array_shift($order);
            }
        } while (count($order) < $before);

        return count($order) >= 3 ? $order : [];
    }

    /**
     * So many plates weigh no more than the lightest pieces for them may, and no less than the heaviest must.
     *
     * @param  list<float>  $ascending
     */
    private static function bound(array $ascending, float $least, float $most): int
    {
        for ($plates = intdiv(count($ascending), 3); $plates > 0; $plates--) {
            $light = array_sum(array_slice($ascending, 0, 3 * $plates));
            $heavy = array_sum(array_slice($ascending, -3 * $plates));
            if ($light <= $plates * $most && $heavy >= $plates * $least) {
                return $plates;
            }
        }

        return 0;
    }

    /**
     * One after another: a piece, and the two of the rest that bring it nearest the target.
     *
     * @param  list<int>  $usable  lightest first
     * @param  list<float>  $masses
     */
    private static function filled(
        array $usable,
        array $masses,
        float $target,
        float $least,
        float $most,
        string $from,
    ): Filled {
        $groups = $left = [];
        $rest = $usable;
        for ($turn = 0; count($rest) >= 3; $turn++) {
            $at = match ($from) {
                'light' => 0,
                'both' => $turn % 2 === 0 ? count($rest) - 1 : 0,
                'middle' => intdiv(count($rest), 2),
                default => count($rest) - 1,
            };
            [$one] = array_splice($rest, $at, 1);
            $here = $masses[$one];
            $two = self::two($rest, $masses, $target - $here, $least - $here, $most - $here);
            $sum = $here + $two->grams;
            if ($sum < $least || $sum > $most) {
                $left[] = $one;

                continue;
            }
            $groups[] = [$one, $rest[$two->first], $rest[$two->second]];
            array_splice($rest, $two->second, 1);
            array_splice($rest, $two->first, 1);
        }

        return new Filled($groups, [...$left, ...$rest]);
    }

    /**
     * The two whose sum is nearest, before all those in the band, walking in from both ends.
     *
     * @param  list<int>  $rest  lightest first, two or more
     * @param  list<float>  $masses
     * @return Pair places in the rest, the lower first
     */
    private static function two(array $rest, array $masses, float $wanted, float $least, float $most): Pair
    {
        [$low, $high] = [0, count($rest) - 1];
        $best = new Pair($low, $high, 0.0);
        $off = [true, INF];
        while ($low < $high) {
            $sum = $masses[$rest[$low]] + $masses[$rest[$high]];
            $now = [$sum < $least || $sum > $most, abs($sum - $wanted)];
            if ($now < $off) {
                [$off, $best] = [$now, new Pair($low, $high, $sum)];
            }
            $sum > $wanted ? $high-- : $low++;
        }

        return $best;
    }

    /**
     * @param  list<float>  $masses
     */
    private static function searched(
        Filled $best,
        array $masses,
        float $target,
        float $least,
        float $most,
    ): Filled {
        $chance = new Randomizer(new Mt19937(20_240_501));
        [$groups, $left] = [$best->groups, $best->left];
        for ($round = 0; $round < self::ROUNDS && $groups !== []; $round++) {
            $taken = $chance->pickArrayKeys($groups, min(count($groups), $round % 3 === 0 ? 1 : 2));
            $room = max(1, self::AT_ONCE - 3 * count($taken));
            $loose = $left === [] ? [] : $chance->pickArrayKeys($left, min(count($left), $room));
            $old = array_map(fn (int|string $i): array => $groups[$i], $taken);
            $pieces = [...array_merge(...$old), ...array_map(fn (int|string $i): int => $left[$i], $loose)];
            $dealt = self::dealt($pieces, $masses, $target, $least, $most);
            if (! self::better($dealt, $old, $masses, $target)) {
                continue;
            }
            $groups = [...array_values(array_diff_key($groups, array_flip($taken))), ...$dealt];
            $left = [
                ...array_values(array_diff_key($left, array_flip($loose))),
                ...array_values(array_diff($pieces, array_merge(...$dealt))),
            ];
        }

        return new Filled($groups, $left);
    }

    /**
     * The best plates of a few pieces, every way tried.
     *
     * @param  list<int>  $pieces  up to nine
     * @param  list<float>  $masses
     * @return list<list<int>>
     */
    private static function dealt(array $pieces, array $masses, float $target, float $least, float $most): array
    {
        if (count($pieces) < 3) {
            return [];
        }
        $first = $pieces[0];
        $rest = array_slice($pieces, 1);
        $best = [];
        for ($i = 0; $i < count($rest); $i++) {
            for ($j = $i + 1; $j < count($rest); $j++) {
                $sum = $masses[$first] + $masses[$rest[$i]] + $masses[$rest[$j]];
                if ($sum < $least || $sum > $most) {
                    continue;
                }
                $others = array_values(array_diff_key($rest, [$i => true, $j => true]));
                $with = [[$first, $rest[$i], $rest[$j]], ...self::dealt($others, $masses, $target, $least, $most)];
                $best = self::better($with, $best, $masses, $target) ? $with : $best;
            }
        }
        if (count($best) <= intdiv(count($rest), 3)) {
            $without = self::dealt($rest, $masses, $target, $least, $most);
            $best = self::better($without, $best, $masses, $target) ? $without : $best;
        }

        return $best;
    }

    /**
     * More plates, or as many and nearer the target.
     *
     * @param  list<list<int>>  $these
     * @param  list<list<int>>  $those
     * @param  list<float>  $masses
     */
    private static function better(array $these, array $those, array $masses, float $target): bool
    {
        return count($these) === count($those)
            ? self::spread($these, $masses, $target) < self::spread($those, $masses, $target) - self::HAIR
            : count($these) > count($those);
    }

    /**
     * @param  list<list<int>>  $groups
     * @param  list<float>  $masses
     */
    private static function spread(array $groups, array $masses, float $target): float
    {
        $spread = 0.0;
        foreach ($groups as $group) {
            $spread += (array_sum(array_map(fn (int $i): float => $masses[$i], $group)) - $target) ** 2;
        }

        return $spread;
    }
}
