<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Brick\Math\BigRational;
use Sectum\Math\Counted;
use Sectum\Measure\Money;

/** Two offers together, where that is cheaper than the best one or none suffices alone. Their lots differ freely. */
final readonly class Mixing
{
    /**
     * @param  list<Offer>  $offers
     * @param  list<list<Counted>>  $gives  what one fish of each gives, by way of its lot
     * @param  float  $allowed  chance
     */
    public static function of(
        Need $need,
        array $offers,
        array $gives,
        float $allowed,
        Rates $rates,
        ?Outcome $best,
    ): ?Mix {
        $least = $best === null ? null : BigRational::of($best->cost->minor);
        $found = null;
        $ladders = array_map(
            fn (Offer $offer, array $gives): array => self::ladder($need, $offer, $gives, $rates, $least),
            $offers,
            $gives,
        );
        foreach ($offers as $i => $a) {
            for ($j = $i + 1; $j < count($offers); $j++) {
                foreach (self::frontier($need, $ladders[$i], $ladders[$j], $allowed) as $pair) {
                    [$m, $n] = [$pair->first, $pair->second];
                    $cost = $rates->cost($a, $m * $a->box)->plus($rates->cost($offers[$j], $n * $offers[$j]->box));
                    $money = Money::round($cost, $rates->hour->currency);
                    $fish = [$a->id => $m * $a->box, $offers[$j]->id => $n * $offers[$j]->box];
                    $merit = [$money->minor, array_sum($fish)];
                    if (
                        ($best === null || $money->minor < $best->cost->minor) &&
                        ($found === null || $merit < [$found->cost->minor, array_sum($found->fish)])
                    ) {
                        $found = new Mix($fish, $money, 100 * $pair->short);
                    }
                }
            }
        }

        return $found;
    }

    /**
     * What each number of boxes of an offer makes, up to where they cost as much as the best single offer or nothing
     * is missing any more.
     *
     * @param  list<Counted>  $gives
     * @return non-empty-list<list<float>>
     */
    private static function ladder(Need $need, Offer $offer, array $gives, Rates $rates, ?BigRational $least): array
    {
        $supply = new Supply($gives, $need->enough());
        $ladder = [$supply->made()];
        while (
            $supply->fish() < $offer->most() &&
            $need->shortChance($ladder[count($ladder) - 1]) > 0 &&
            ($least === null || $rates->cost($offer, $supply->fish())->isLessThan($least))
        ) {
            $supply->add($offer->box);
            $ladder[] = $supply->made();
        }

        return $ladder;
    }

    /**
     * With each number of boxes of one the fewest of the other that suffice; more of one never needs more of the other.
     *
     * @param  non-empty-list<list<float>>  $one
     * @param  non-empty-list<list<float>>  $other
     * @return list<BoxPair> at least one of both
     */
    private static function frontier(Need $need, array $one, array $other, float $allowed): array
    {
        $pairs = [];
        $n = count($other) - 1;
        for ($m = 1; $m < count($one) && $n >= 1; $m++) {
            $fewest = null;
            for (; $n >= 1; $n--) {
                $short = self::short($need, $one[$m], $other[$n]);
                if ($short > $allowed) {
                    break;
                }
                $fewest = new BoxPair($m, $n, $short);
            }
            if ($fewest !== null) {
                $pairs[] = $fewest;
                $n = $fewest->second;
            }
        }

        return $pairs;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function short(Need $need, array $one, array $other): float
    {
        $enough = $need->enough();
        $sum = 0.0;
        foreach ($one as $a => $chance) {
            if ($chance > 0) {
                for ($b = 0; $b < $enough - $a; $b++) {
                    $sum += $chance * $other[$b] * $need->more[$a + $b];
                }
            }
        }

        return $sum;
    }
}
