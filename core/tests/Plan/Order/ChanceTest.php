<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Order;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Sectum\Plan\Order\Chance;

final class ChanceTest extends TestCase
{
    #[TestWith([0.05, null, 1000])]
    #[TestWith([0.54, 1, 185])]
    #[TestWith([2.5, 1, 40])]
    #[TestWith([11.0, 1, 9])]
    #[TestWith([33.0, 7, 20])]
    #[TestWith([80.0, 16, 20])]
    #[TestWith([100.0, 1, 1])]
    public function test_so_many_nights_of_so_many(float $pct, ?int $times, int $nights): void
    {
        $chance = Chance::of($pct);
        self::assertSame([$times, $nights], [$chance->times, $chance->nights]);
    }

    public function test_it_is_never_far_from_the_chance(): void
    {
        for ($pct = 0.2; $pct < 99.9; $pct += 0.1) {
            $chance = Chance::of($pct);
            self::assertEqualsWithDelta($pct, 100 * (int) $chance->times / $chance->nights, max(0.4, $pct / 7));
        }
    }
}
