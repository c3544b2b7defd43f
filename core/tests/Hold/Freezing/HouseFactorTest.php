<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Freezing;

use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Freezing\HouseFactor;
use Sectum\Hold\Freezing\TimedRun;
use Sectum\Hold\Line;
use Sectum\Hold\Point;

final class HouseFactorTest extends TestCase
{
    public function test_the_middle_one_of_all_runs_counts_and_one_bad_record_does_not_bend_it(): void
    {
        $runs = fn (float ...$took): array => array_values(
            array_map(fn (float $hours): TimedRun => new TimedRun($hours, 2.0), $took),
        );
        self::assertSame(1.0, HouseFactor::of([]));
        self::assertSame(1.3, HouseFactor::of($runs(2.6)));
        self::assertSame(1.25, HouseFactor::of($runs(2.4, 2.6)));
        self::assertSame(1.25, HouseFactor::of($runs(2.4, 2.5, 200.0)));
        self::assertSame([0.2, 5.0], [HouseFactor::of($runs(0.001)), HouseFactor::of($runs(900.0))]);
    }

    public function test_a_run_took_until_its_core_was_through_and_nobody_knows_before(): void
    {
        $core = [new Point(0, 4.0), new Point(60, -1.0), new Point(120, -2.0), new Point(180, -8.0)];
        self::assertEqualsWithDelta(2.5, HouseFactor::hoursTaken(Line::of($core, 60, 0.0), 0.0), 1e-9);
        self::assertNull(HouseFactor::hoursTaken(Line::of(array_slice($core, 0, 3), 60, 0.0), 0.0));
        $this->expectException(BadHold::class);
        new TimedRun(0.0, 1.0);
    }
}
