<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Service;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Plan\Service\DishChange;

final class DishChangeTest extends TestCase
{
    private static function change(int $before, int $after, ?float $perFish = 4.0, ?int $cost = 3_000): DishChange
    {
        $money = $cost === null ? null : Money::ofMinor($cost, Currency::of('EUR'));

        return new DishChange('hake', $before, $after, $perFish, 10.0, 1.25, $money);
    }

    public function test_twelve_guests_fewer_are_three_fish_half_an_hour_and_their_price(): void
    {
        $fewer = self::change(160, 148);
        self::assertSame([-12, -3, -45.0, -9_000], [
            $fewer->portions(),
            $fewer->fish,
            $fewer->minutes,
            $fewer->cost?->minor,
        ]);
        $none = self::change(160, 159);
        self::assertSame([-1, 0, -1.25], [$none->portions(), $none->fish, $none->minutes]);
    }

    public function test_what_nobody_knows_is_not_made_up(): void
    {
        $unknown = self::change(100, 120, null);
        self::assertSame([20, null, 25.0, null], [
            $unknown->portions(),
            $unknown->fish,
            $unknown->minutes,
            $unknown->cost,
        ]);
        self::assertNull(self::change(100, 120, 4.0, null)->cost);
    }

    /** There and back again is nothing, and two steps are one long one. */
    public function test_changes_add_up(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($i = 0; $i < 300; $i++) {
            [$a, $b, $c] = [$random->getInt(0, 300), $random->getInt(0, 300), $random->getInt(0, 300)];
            $per = $random->getInt(10, 90) / 10;
            [$one, $two, $all] = [self::change($a, $b, $per), self::change($b, $c, $per), self::change($a, $c, $per)];
            self::assertSame($all->fish, ($one->fish ?? 0) + ($two->fish ?? 0));
            self::assertSame($all->cost?->minor, ($one->cost->minor ?? 0) + ($two->cost->minor ?? 0));
            self::assertEqualsWithDelta($all->minutes, $one->minutes + $two->minutes, 1e-9);
        }
    }
}
