<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Order;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Math\Normal;
use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Order\Cut;
use Sectum\Plan\Order\Demand;
use Sectum\Plan\Order\Need;
use Sectum\Plan\Order\Offer;
use Sectum\Plan\Order\Order;
use Sectum\Plan\Order\Outcome;
use Sectum\Plan\Order\Rates;
use Sectum\Plan\Order\Serving;

final class OrderTest extends TestCase
{
    private static function euro(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of('EUR'));
    }

    private static function rates(?int $short = null, ?int $surplus = null): Rates
    {
        return new Rates(
            self::euro(1860),
            self::euro(60),
            $short === null ? null : self::euro($short),
            $surplus === null ? null : self::euro($surplus),
        );
    }

    /** @return non-empty-list<Offer> */
    private static function hake(): array
    {
        $offer = fn (int $kilos, int $price, float $yield, float $minutes, int $box, int $there): Offer => new Offer(
            "{$kilos}",
            $kilos * 1000,
            $kilos * 1000 + 1000,
            PricePerKg::of(self::euro($price)),
            $yield,
            1,
            2,
            $box,
            $there,
            $minutes,
        );

        return [
            $offer(1, 1090, 46, 9, 1, 400),
            $offer(2, 1190, 47, 11, 1, 400),
            $offer(3, 1290, 48, 13, 2, 12),
        ];
    }

    public function test_an_evening_of_a_hundred_and_twenty(): void
    {
        $need = Need::of(Demand::ofCovers(120, 0, 35, 4));
        $order = Order::of($need, new Cut(180, 55, 2), self::hake(), 5, self::rates(1800, 250));
        $said = [];
        foreach ($order->offers as $one) {
            self::assertTrue($one->enough);
            $said[] = [
                $one->fish,
                round($one->portionsMean, 3),
                round($one->shortPct, 3),
                round($one->surplusMean, 3),
                $one->cost->minor,
            ];
        }
        self::assertSame(
            [
                [25, 57.945, 2.979, 16.060, 45600],
                [12, 59.114, 1.335, 17.157, 37992],
                [8, 61.473, 0.540, 19.489, 37664],
            ],
            $said,
        );
        self::assertSame('3', $order->best?->offer->id);
        $money = $order->offers[1]->byMoney;
        self::assertSame([10, 30990], [$money?->fish, $money?->total->minor]);
        self::assertEqualsWithDelta(15.963, $money->shortPct ?? 0, 0.0005);
    }

    public function test_forty_portions_that_were_ordered(): void
    {
        $offer = new Offer('', 2000, 3000, PricePerKg::of(self::euro(1190)), 47);
        $order = Order::of(Need::of(Demand::fixed(40)), new Cut(180, 55, 2), [$offer], 2, self::rates());
        self::assertSame(10, $order->offers[0]->fish);
        self::assertEqualsWithDelta(49.268, $order->offers[0]->portionsMean, 0.0005);
        self::assertNull($order->offers[0]->byMoney);
    }

    /**
     * Every number of fish, and every pair of numbers of two offers, looked at one by one, with chances multiplied out
     * fish by fish: what the search leaves out must not matter.
     */
    public function test_fifty_small_kitchens_agree_with_looking_at_every_number(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $mixed = $bare = 0;
        for ($case = 0; $case < 50; $case++) {
            $covers = $random->getInt(4, 22);
            $share = $random->getInt(10, 90);
            $onHand = $random->getInt(0, 3);
            $cut = new Cut($random->getInt(120, 220), $random->getInt(0, 80), $random->getInt(1, 3));
            $offers = [];
            foreach (range(0, $random->getInt(0, 2)) as $i) {
                $from = $random->getInt(700, 2600);
                $box = $random->getInt(1, 3);
                $offers[] = new Offer(
                    "offer {$i}",
                    $from,
                    $from + $random->getInt(0, 900),
                    PricePerKg::of(self::euro($random->getInt(700, 1600))),
                    $random->getInt(40, 55),
                    $random->getInt(0, 2),
                    $random->getInt(0, 3),
                    $box,
                    $box + $random->getInt(0, 7),
                    $random->getInt(3, 15),
                );
            }
            $most = $random->getInt(0, 12);
            [$short, $surplus] = [$random->getInt(300, 2500), $random->getInt(0, 290)];
            $need = Need::of(Demand::ofCovers($covers, 0, $share, 0), $onHand);
            $order = Order::of($need, $cut, $offers, $most, self::rates($short, $surplus));
            $wanted = self::wanted($covers, $share / 100);
            $best = null;
            $made = [];
            foreach ($offers as $i => $offer) {
                $answer = $order->offers[$i];
                $fewest = null;
                $cheapest = null;
                $gives = self::gives($offer, $cut);
                for ($fish = 0; $fish <= $offer->most(); $fish += $offer->box) {
                    $made[$i][$fish] = self::made($gives, $fish);
                    [$chance, $missing, $over] = self::against($wanted, $made[$i][$fish], $onHand);
                    $fewest ??= $chance <= $most / 100 + 1e-12 ? $fish : null;
                    $cost = self::cost($offer, $fish);
                    $total = $cost + $missing * $short - $over * $surplus;
                    if ($cheapest === null || $total < $cheapest[0] - 1e-9) {
                        $cheapest = [$total, $fish, $chance];
                    }
                    if ($fish === $answer->fish) {
                        self::assertEqualsWithDelta(100 * $chance, $answer->shortPct, 1e-7, "case {$case}");
                        self::assertEqualsWithDelta($missing, $answer->shortMean, 1e-9, "case {$case}");
                        self::assertEqualsWithDelta($over, $answer->surplusMean, 1e-9, "case {$case}");
                        self::assertEqualsWithDelta($cost, $answer->cost->minor, 0.5000001, "case {$case}");
                    }
                }
                self::assertSame($fewest ?? $offer->most(), $answer->fish, "case {$case}");
                self::assertSame($fewest !== null, $answer->enough, "case {$case}");
                self::assertNotNull($cheapest);
                self::assertSame($cheapest[1], $answer->byMoney?->fish, "case {$case}");
                self::assertEqualsWithDelta($cheapest[0], $answer->byMoney->total->minor, 0.5001, "case {$case}");
                $merit = [$answer->cost->minor, $answer->fish];
                $best = $answer->enough && ($best === null || $merit < $best) ? $merit : $best;
            }
            self::assertSame($best, $order->best === null ? null : [$order->best->cost->minor, $order->best->fish]);
            $bare += $best === null ? 1 : 0;
            $mix = self::cheapestPair($offers, $made, $wanted, $onHand, $most, $best[0] ?? PHP_INT_MAX);
            self::assertSame($mix, $order->mix?->cost->minor, "case {$case}");
            $mixed += $mix === null ? 0 : 1;
        }
        // Among them must be kitchens where two offers are better, and such where no single one is enough.
        self::assertGreaterThan(2, $mixed);
        self::assertGreaterThan(2, $bare);
    }

    /**
     * @param  list<Offer>  $offers
     * @param  array<int, array<int, array<int, float>>>  $made
     * @param  array<int, float>  $wanted
     */
    private static function cheapestPair(
        array $offers,
        array $made,
        array $wanted,
        int $onHand,
        int $most,
        int $below,
    ): ?int {
        $cheapest = null;
        foreach ($offers as $i => $a) {
            foreach ($offers as $j => $b) {
                foreach ($j > $i ? $made[$i] : [] as $m => $of) {
                    foreach ($made[$j] as $n => $and) {
                        if ($m === 0 || $n === 0) {
                            continue;
                        }
                        $both = [];
                        foreach ($of as $x => $p) {
                            foreach ($and as $y => $q) {
                                $both[$x + $y] = ($both[$x + $y] ?? 0) + $p * $q;
                            }
                        }
                        if (self::against($wanted, $both, $onHand)[0] <= $most / 100 + 1e-12) {
                            $cost = (int) round(self::cost($a, $m) + self::cost($b, $n) + 1e-7);
                            $cheapest = $cost < $below ? min($cheapest ?? PHP_INT_MAX, $cost) : $cheapest;
                        }
                    }
                }
            }
        }

        return $cheapest;
    }

    /** @return array<int, float> by Pascal's triangle */
    private static function wanted(int $covers, float $share): array
    {
        $row = [1.0];
        for ($i = 0; $i < $covers; $i++) {
            $next = array_fill(0, count($row) + 1, 0.0);
            foreach ($row as $n => $chance) {
                $next[$n] += $chance * (1 - $share);
                $next[$n + 1] += $chance * $share;
            }
            $row = $next;
        }

        return $row;
    }

    /** @return list<array<int, float>> by way of the lot: chance of each number of portions of one fish */
    private static function gives(Offer $offer, Cut $cut): array
    {
        $z = array_map(fn (int $i): float => Normal::quantile(($i - 0.5) / 21), range(1, 21));
        $gives = [];
        foreach ($z as $lot) {
            $one = [];
            foreach (range(1, 41) as $m) {
                foreach ($z as $own) {
                    $mass = $offer->fromGrams + ($offer->toGrams - $offer->fromGrams) * (($m - 0.5) / 41);
                    $yield = $offer->yieldPct + $offer->lotSdPct * $lot + $offer->fishSdPct * $own;
                    $each = ($mass * $yield) / 100 / $cut->sides - $cut->endsGrams;
                    $portions = max(0, $cut->sides * (int) floor($each / $cut->targetGrams + 1e-9));
                    $one[$portions] = ($one[$portions] ?? 0) + 1 / (41 * 21);
                }
            }
            $gives[] = $one;
        }

        return $gives;
    }

    /**
     * @param  list<array<int, float>>  $gives
     * @return array<int, float> chance of each number of portions of so many fish
     */
    private static function made(array $gives, int $fish): array
    {
        $all = [];
        foreach ($gives as $one) {
            $together = [0 => 1.0];
            for ($i = 0; $i < $fish; $i++) {
                $next = [];
                foreach ($together as $a => $p) {
                    foreach ($one as $b => $q) {
                        $next[$a + $b] = ($next[$a + $b] ?? 0) + $p * $q;
                    }
                }
                $together = $next;
            }
            foreach ($together as $n => $p) {
                $all[$n] = ($all[$n] ?? 0) + $p / count($gives);
            }
        }

        return $all;
    }

    /**
     * @param  array<int, float>  $wanted
     * @param  array<int, float>  $made
     * @return array{float, float, float} the chance of running short, and how many are missing and over on average
     */
    private static function against(array $wanted, array $made, int $onHand): array
    {
        [$chance, $missing, $over] = [0.0, 0.0, 0.0];
        foreach ($wanted as $d => $p) {
            foreach ($made as $m => $q) {
                $left = $m + $onHand - $d;
                $chance += $left < 0 ? $p * $q : 0;
                $missing += $p * $q * max(0, -$left);
                $over += $p * $q * max(0, $left);
            }
        }

        return [$chance, $missing, $over];
    }

    private static function cost(Offer $offer, int $fish): float
    {
        $kilos = ($offer->fromGrams + $offer->toGrams) / 2000;

        return $fish * ($kilos * ($offer->price->perKg->minor - 60) + ($offer->minutes / 60) * 1860);
    }

    public function test_one_dish_among_several_is_the_one_alone_within_a_point(): void
    {
        $demand = Demand::ofCovers(120, 0, 35, 4);
        $exact = Order::of(Need::of($demand, 4), new Cut(180, 55, 2), self::hake(), 5, self::rates());
        $drawn = Order::ofSeveral([new Serving('char', 180, $demand, 4)], 55, 2, self::hake(), 5, self::rates());
        foreach ($exact->offers as $i => $one) {
            $other = $drawn->offers[$i];
            $same = Order::ofFish(
                Need::of($demand, 4),
                new Cut(180, 55, 2),
                $one->offer,
                $other->fish,
                5,
                self::rates(),
            );
            self::assertEqualsWithDelta($same->shortPct, $other->dishes[0]->shortPct, 1.0);
            self::assertEqualsWithDelta($same->surplusMean, $other->dishes[0]->surplusMean, 0.5);
        }
    }

    public function test_a_second_dish_lives_on_what_the_first_leaves_and_a_third_takes_more_fish(): void
    {
        $main = new Serving('main', 180, Demand::fixed(40));
        $small = new Serving('small', 60, Demand::fixed(10));
        $more = new Serving('more', 90, Demand::fixed(60));
        $of = fn (Serving $first, Serving ...$others): Outcome => Order::ofSeveral(
            [$first, ...array_values($others)],
            55,
            2,
            [self::hake()[1]],
            2,
            self::rates(),
        )->offers[0];
        [$alone, $both, $three] = [$of($main), $of($main, $small), $of($main, $small, $more)];
        self::assertGreaterThanOrEqual($alone->fish, $both->fish);
        self::assertGreaterThan($both->fish, $three->fish);
        self::assertSame(0.0, $both->dishes[0]->surplusMean, 'what no dish needs is the last one\'s');
        foreach ([...$both->dishes, ...$three->dishes] as $dish) {
            self::assertLessThanOrEqual(2.0, $dish->shortPct);
        }
    }

    public function test_what_is_on_hand_is_not_bought_and_nothing_wanted_buys_nothing(): void
    {
        $cut = new Cut(180, 55, 2);
        $none = Order::of(Need::of(Demand::fixed(12), 12), $cut, self::hake(), 0, self::rates());
        self::assertSame([0, 0, 0], array_map(fn ($one): int => $one->fish, $none->offers));
        self::assertSame(0, $none->best?->cost->minor);
        $spread = Order::of(Need::of(Demand::ofCovers(0, 0, 35, 4)), $cut, self::hake(), 1, self::rates());
        self::assertSame([0, 0, 0], array_map(fn ($one): int => $one->fish, $spread->offers));
    }

    public function test_too_few_fish_say_with_all_there_are(): void
    {
        $few = new Offer('few', 3000, 4000, PricePerKg::of(self::euro(1290)), 48, 1, 2, 2, 5);
        $order = Order::of(Need::of(Demand::fixed(60)), new Cut(180, 55, 2), [$few], 5, self::rates());
        self::assertNull($order->best);
        self::assertFalse($order->offers[0]->enough);
        self::assertSame(4, $order->offers[0]->fish);
        self::assertGreaterThan(99.0, $order->offers[0]->shortPct);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        $price = PricePerKg::of(self::euro(1));
        yield 'covers below none' => [fn () => Demand::ofCovers(-1, 0, 10, 0), '/covers'];
        yield 'a town' => [fn () => Demand::ofCovers(100_000, 0, 10, 0), '/covers'];
        yield 'more than all take it' => [fn () => Demand::ofCovers(10, 0, 100.5, 0), '/share_pct'];
        yield 'fewer than no portions' => [fn () => Demand::fixed(-1), '/portions'];
        yield 'fewer than none on hand' => [fn () => Need::of(Demand::fixed(1), -1), '/on_hand'];
        yield 'a grade upside down' => [fn () => new Offer('', 3000, 2000, $price, 47), '/to_g'];
        yield 'a box larger than what there is' => [fn () => new Offer('', 1, 2, $price, 47, 0, 0, 8, 5), '/box'];
        yield 'more of a fish than itself' => [fn () => new Offer('', 1, 2, $price, 101), '/yield/mean_pct'];
        yield 'a portion of nothing' => [fn () => new Cut(0, 0, 2), '/target_g'];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_at_its_figure(callable $try, string $where): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (BadPlan $e) {
            self::assertSame($where, $e->pointer());
        }
    }
}
