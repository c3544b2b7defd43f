<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Devices\SimulatedScale;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;

final class SimulatedScaleTest extends TestCase
{
    private static function scale(): SimulatedScale
    {
        return new SimulatedScale(Mass::ofGrams(15_000), Mass::ofGrams(5), 7);
    }

    public function test_it_swings_then_settles_on_a_whole_step(): void
    {
        $scale = self::scale();
        $scale->put(Mass::ofGrams(1517), 0.0);
        self::assertFalse($scale->sample(0.05)->steady);
        $settled = $scale->sample(2.0);
        self::assertTrue($settled->steady);
        self::assertSame(0, $settled->net->milligrams % 5000);
        self::assertEqualsWithDelta(1517, $settled->net->grams(), 5.0);
    }

    public function test_tare_takes_off_what_lies_there_and_only_when_steady(): void
    {
        $scale = self::scale();
        $scale->put(Mass::ofGrams(410), 0.0);
        $scale->tare(0.05);
        self::assertSame(0, $scale->sample(2.0)->tare->milligrams);
        $scale->tare(2.0);
        self::assertEqualsWithDelta(410, $scale->sample(2.1)->tare->grams(), 5.0);
        $scale->put(Mass::ofGrams(930), 2.2);
        self::assertEqualsWithDelta(520, $scale->sample(5.0)->net->grams(), 10.0);
        $scale->put(Mass::zero(), 5.0);
        self::assertTrue($scale->sample(9.0)->net->isNegative());
    }

    public function test_an_unsteady_hand_and_too_much(): void
    {
        $scale = self::scale();
        $scale->put(Mass::ofGrams(500), 0.0);
        $scale->nudge(3.0);
        $moved = array_filter(range(0, 6), fn (int $i): bool => ! $scale->sample(3.0 + $i / 20)->steady);
        self::assertNotSame([], $moved);
        self::assertTrue($scale->sample(5.0)->steady);
        $scale->put(Mass::ofGrams(16_000), 6.0);
        self::assertTrue($scale->sample(9.0)->overload);
    }

    public function test_the_zero_drifts_less_than_half_a_step(): void
    {
        $scale = self::scale();
        for ($second = 0; $second < 3600; $second++) {
            self::assertSame(0, $scale->sample((float) $second)->net->milligrams);
        }
    }
}
