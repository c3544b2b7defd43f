<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Exposure;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Hold\BadHold;
use Sectum\Hold\Exposure\BenchClock;
use Sectum\Hold\Exposure\TimeOut;
use Sectum\Hold\Exposure\Verdict;
use Sectum\Hold\HoldLimits;

final class BenchClockTest extends TestCase
{
    /** @param  list<TimeOut>  $times */
    private static function house(array $times, bool $out): BenchClock
    {
        return BenchClock::of($times, $out, false, new HoldLimits());
    }

    public function test_other_fish_goes_by_the_house_at_a_time_and_in_all(): void
    {
        $clock = self::house(...);
        self::assertSame(Verdict::Within, $clock([new TimeOut(0, 29, 20)], true)->verdict);
        self::assertSame(1.0, $clock([new TimeOut(0, 29, 20)], true)->left);
        self::assertSame(Verdict::Warn, $clock([new TimeOut(0, 30, 20)], true)->verdict);
        $four = array_map(fn (int $i): TimeOut => new TimeOut(60 * $i, 60 * $i + 29, 20), [0, 1, 2, 3]);
        self::assertSame([Verdict::Warn, 0.0, 116.0], [
            $clock($four, false)->verdict,
            $clock($four, false)->thisTime,
            $clock($four, false)->inAll,
        ]);
        self::assertSame(Verdict::Stop, $clock([...$four, new TimeOut(300, 305, 20)], true)->verdict);
    }

    public function test_histamine_fish_has_four_hours_where_it_was_hot_or_nobody_measured_and_eight_where_not(): void
    {
        $limits = new HoldLimits();
        $of = fn (?float $room, float $minutes): BenchClock => BenchClock::of(
            [new TimeOut(0, $minutes, $room)],
            true,
            true,
            $limits,
        );
        self::assertSame([480.0, Verdict::Warn], [$of(19.0, 240)->limit, $of(19.0, 240)->verdict]);
        self::assertSame([240.0, Verdict::Stop], [$of(22.0, 240)->limit, $of(22.0, 240)->verdict]);
        self::assertSame(Verdict::Stop, $of(null, 240)->verdict);
        self::assertSame(Verdict::Within, $of(3.0, 400)->verdict, 'a cold room is no warmth');
    }

    public function test_more_time_out_never_makes_it_better(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(9));
        $worse = [Verdict::Within->value => 0, Verdict::Warn->value => 1, Verdict::Stop->value => 2];
        for ($i = 0; $i < 2_000; $i++) {
            $at = 0.0;
            $times = [];
            for ($n = $random->getInt(1, 5); $n > 0; $n--) {
                $at += $random->getInt(1, 90);
                $times[] = new TimeOut($at, $to = $at + $random->getInt(0, 150), $random->getInt(2, 26));
                $at = $to;
            }
            $histamine = $random->getInt(0, 1) === 1;
            $before = BenchClock::of(array_slice($times, 0, -1), false, $histamine, new HoldLimits());
            $after = BenchClock::of($times, true, $histamine, new HoldLimits());
            self::assertGreaterThanOrEqual($before->inAll - 1e-9, $after->inAll);
            self::assertLessThanOrEqual($before->limit, $after->limit);
            self::assertGreaterThanOrEqual($worse[$before->verdict->value], $worse[$after->verdict->value]);
        }
    }

    public function test_so_many_are_out_as_can_be_cut_in_time(): void
    {
        self::assertSame([3, 2, 1, 30], [
            BenchClock::atOnce(10, 30),
            BenchClock::atOnce(11, 30),
            BenchClock::atOnce(45, 30),
            BenchClock::atOnce(1, 30),
        ]);
        $this->expectException(BadHold::class);
        new TimeOut(10, 9, null);
    }
}
