<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

/**
 * Small fillets matched in twos so that each plate lies in its band: the most plates, then the least spread around the
 * target.
 *
 * Exact at any size. Of all ways to pair one set of fillets, pairing its lightest with its heaviest and so inwards has
 * the least greatest sum, the greatest least sum and the least sum of squares at once; so the best pairing is nested,
 * and the best nested pairing is found over stretches of the sorted masses, in the square of their number.
 */
final readonly class Pairing
{
    public const MOST = 600;

    private const HAIR = 1e-9;

    /**
     * @param  list<Pair>  $pairs  by the first place
     * @param  float  $spread  Σ(sum − target)², grams squared
     * @param  list<int>  $left  places of those without a partner
     */
    private function __construct(public array $pairs, public float $spread, public array $left)
    {
    }

    /**
     * @param  list<float>  $masses  grams, each above 0; at most {@see self::MOST}
     * @param  float  $target  of two together, above 0
     * @param  float  $minus  0 or more
     * @param  float  $plus  0 or more
     *
     * @throws BadCut which names the figure
     */
    public static function of(array $masses, float $target, float $minus, float $plus): self
    {
        count($masses) <= self::MOST ||
            throw new BadCut('Pair at most '.self::MOST.' fillets at a time.', count($masses), '/masses_g');
        foreach ($masses as $i => $mass) {
            $mass > 0 || throw new BadCut('A fillet weighs more than nothing.', $mass, "/masses_g/{$i}");
        }
        $order = array_keys($masses);
        usort($order, fn (int $a, int $b): int => [$masses[$a], $a] <=> [$masses[$b], $b]);
        $sorted = array_map(fn (int $i): float => $masses[$i], $order);
        $taken = self::nested($sorted, $target, $target - $minus - self::HAIR, $target + $plus + self::HAIR);
        $pairs = [];
        $spread = 0.0;
        $alone = array_fill_keys($order, true);
        foreach ($taken as $two) {
            [$one, $other] = [$order[$two->first], $order[$two->second]];
            [$first, $second] = [min($one, $other), max($one, $other)];
            $pairs[] = new Pair($first, $second, $two->grams);
            $spread += ($two->grams - $target) ** 2;
            unset($alone[$first], $alone[$second]);
        }
        usort($pairs, fn (Pair $a, Pair $b): int => $a->first <=> $b->first);
        $left = array_keys($alone);
        sort($left);

        return new self($pairs, $spread, $left);
    }

    /**
     * The best nested pairs of ascending masses.
     *
     * @param  list<float>  $sorted
     * @return list<Pair> by their places in the sorted list
     */
    private static function nested(array $sorted, float $target, float $least, float $most): array
    {
        $n = count($sorted);
        // Pairs and spread of the best pairing of the stretch from one place to another; shorter stretches first.
        $count = array_fill(0, $n + 1, array_fill(0, $n + 1, 0));
        $cost = array_fill(0, $n + 1, array_fill(0, $n + 1, 0.0));
        $how = [];
        for ($long = 2; $long <= $n; $long++) {
            for ($low = 0, $high = $long - 1; $high < $n; $low++, $high++) {
                [$best, $spread, $way] = [$count[$low + 1][$high], $cost[$low + 1][$high], 'low'];
                if (
                    $count[$low][$high - 1] > $best ||
                    ($count[$low][$high - 1] === $best && $cost[$low][$high - 1] < $spread)
                ) {
                    [$best, $spread, $way] = [$count[$low][$high - 1], $cost[$low][$high - 1], 'high'];
                }
                $sum = $sorted[$low] + $sorted[$high];
                if ($sum >= $least && $sum <= $most) {
                    $pairs = 1 + ($long > 2 ? $count[$low + 1][$high - 1] : 0);
                    $with = ($sum - $target) ** 2 + ($long > 2 ? $cost[$low + 1][$high - 1] : 0.0);
                    if ($pairs > $best || ($pairs === $best && $with < $spread)) {
                        [$best, $spread, $way] = [$pairs, $with, 'both'];
                    }
                }
                $count[$low][$high] = $best;
                $cost[$low][$high] = $spread;
                $how[$low][$high] = $way;
            }
        }
        $taken = [];
        for ($low = 0, $high = $n - 1; $low < $high;) {
            $way = $how[$low][$high];
            if ($way === 'both') {
                $taken[] = new Pair($low, $high, $sorted[$low] + $sorted[$high]);
            }
            $low += $way === 'high' ? 0 : 1;
            $high -= $way === 'low' ? 0 : 1;
        }

        return $taken;
    }
}
