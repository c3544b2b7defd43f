<?php

declare(strict_types=1);

namespace Sectum\Tests\Cost;

use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;
use Sectum\Cost\Plate;
use Sectum\Tests\Euro;

final class PlateTest extends TestCase
{
    public function test_portion_sides_and_the_small_things_make_the_plate(): void
    {
        // (4.01 + 1.80) · 1.05 = 6.1005; 24.50 / 1.19 = 20.588…; 6.10 / 0.30 = 20.333…, with tax 24.196…
        $plate = Plate::of(
            Euro::of(401),
            Euro::of(180),
            BigRational::of(5),
            Euro::of(2450),
            BigRational::of(19),
            BigRational::of(30),
        );
        self::assertSame(610, $plate->cost->minor);
        self::assertSame(2059, $plate->netPrice?->minor);
        self::assertEqualsWithDelta((100 * 610 * 1.19) / 2450, $plate->costPct, 1e-9);
        self::assertSame(1449, $plate->contribution?->minor);
        self::assertSame(2033, $plate->suggestedNet?->minor);
        self::assertSame(2420, $plate->suggestedGross?->minor);
        self::assertSame(618, $plate->targetCost?->minor, 'what it may cost: 30 % of 20.588…');
    }

    public function test_without_a_price_or_a_target_there_is_nothing_to_say_of_them(): void
    {
        $plate = Plate::of(Euro::of(401), Euro::of(0), BigRational::zero(), null, BigRational::zero(), null);
        self::assertSame(401, $plate->cost->minor);
        self::assertNull($plate->costPct);
        self::assertNull($plate->contribution?->minor);
        self::assertNull($plate->targetCost?->minor);
        self::assertNull($plate->suggestedGross?->minor);
    }

    public function test_the_suggested_price_meets_the_target(): void
    {
        for ($cost = 100; $cost < 3000; $cost += 77) {
            $suggested = Plate::of(
                Euro::of($cost),
                Euro::of(0),
                BigRational::zero(),
                null,
                BigRational::of(10),
                BigRational::of(28),
            )
                ->suggestedGross;
            self::assertEqualsWithDelta(
                28,
                Plate::of(
                    Euro::of($cost),
                    Euro::of(0),
                    BigRational::zero(),
                    $suggested,
                    BigRational::of(10),
                    null,
                )->costPct,
                0.1,
            );
        }
    }
}
