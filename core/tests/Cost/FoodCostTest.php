<?php

declare(strict_types=1);

namespace Sectum\Tests\Cost;

use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Cost\FoodCost;
use Sectum\Cost\FoodCostLine;
use Sectum\Cost\MenuAdvice;
use Sectum\Cost\MenuDish;
use Sectum\Cost\MenuReview;

/** A period closes to the cent, and a menu is judged exactly at its borders. */
final class FoodCostTest extends TestCase
{
    public function test_the_five_parts_add_up_to_the_difference_whatever_the_figures(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(7));
        $tenth = fn (int $from, int $to): BigRational => BigRational::of($dice->getInt($from, $to))->dividedBy(10);
        for ($i = 0; $i < 500; $i++) {
            $lines = [];
            for ($k = $dice->getInt(1, 4); $k > 0; $k--) {
                $lines[] = new FoodCostLine(
                    [[$dice->getInt(0, 200), $tenth(0, 3000), $tenth(0, 3000)], [1, $tenth(1, 9), $tenth(1, 9)]],
                    $tenth(0, 30_000),
                    $tenth(-9000, 9000),
                    $tenth(100, 990),
                    $tenth(100, 990),
                    $dice->getInt(0, 4000),
                    $dice->getInt(0, 4000),
                    $dice->getInt(0, 2) * 100_000,
                );
            }
            $all = array_map(FoodCost::of(...), $lines);
            $sales = array_map(fn (FoodCostLine $one): int => $one->netSales, $lines);
            $total = FoodCost::total($all, $sales);
            foreach ([...$all, $total] as $one) {
                self::assertSame(
                    $one->actual - $one->standard,
                    $one->price + $one->yield + $one->portion + $one->waste + $one->unaccounted,
                );
            }
            self::assertSame(array_sum(array_map(fn (FoodCost $one): int => $one->actual, $all)), $total->actual);
            self::assertSame(in_array(0, $sales, true), $total->actualPct === null);
        }
    }

    public function test_a_dish_at_the_border_is_popular_and_earns(): void
    {
        // Ten dishes: 7 % of what is sold is asked for.
        $at = new MenuDish(7, 1000, 500);
        $menu = new MenuReview([$at, new MenuDish(93, 1000, 500), ...array_fill(0, 8, new MenuDish(0, 900, 500))]);
        self::assertSame([true, true], [$menu->isPopular($at), $menu->isEarning($at)]);
        self::assertSame(500, $menu->average);
        $below = new MenuDish(6, 1000, 501);
        $less = new MenuReview([$below, new MenuDish(94, 1000, 500), ...array_fill(0, 8, new MenuDish(0, 900, 500))]);
        self::assertSame([false, false], [$less->isPopular($below), $less->isEarning($below)]);
    }

    public function test_where_nothing_was_sold_nothing_is_asked_for_and_nothing_earns(): void
    {
        $dish = new MenuDish(0, 2000, 500);
        $menu = new MenuReview([$dish]);
        self::assertNull($menu->average);
        self::assertSame(0.0, $menu->sharePct($dish));
        self::assertSame(
            MenuAdvice::Replace,
            MenuAdvice::of($menu->isPopular($dish), $menu->isEarning($dish)),
        );
    }
}
