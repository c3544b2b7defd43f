<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Exposure;

use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Exposure\Exposure;
use Sectum\Hold\Exposure\Verdict;
use Sectum\Hold\Freezing\CoreTime;
use Sectum\Hold\Freezing\Surroundings;
use Sectum\Hold\Point;

final class ExposureTest extends TestCase
{
    /**
     * @param  array<int, float|int>  $log
     * @return list<Point>
     */
    private static function points(array $log): array
    {
        return array_map(
            fn (int $minute, float|int $celsius): Point => new Point($minute, $celsius),
            array_keys($log),
            $log,
        );
    }

    public function test_the_two_records_of_the_handbook(): void
    {
        $cool = Exposure::of(self::points([0 => 2, 30 => 8, 90 => 12, 120 => 3]));
        self::assertEqualsWithDelta(107.5, $cool->minutesAbove, 1e-9);
        self::assertSame([Verdict::Within, 480.0, 12.0], [$cool->verdict, $cool->limitMinutes, $cool->warmestC]);
        $hot = Exposure::of(self::points([0 => 2, 60 => 22, 120 => 21, 180 => 20, 240 => 20, 300 => 4]));
        self::assertEqualsWithDelta(294.3, $hot->minutesAbove, 1e-9);
        self::assertSame([Verdict::Stop, 240.0, 0.0], [$hot->verdict, $hot->limitMinutes, $hot->leftMinutes]);
    }

    public function test_what_nobody_looked_at_was_warm_and_hot(): void
    {
        $silent = Exposure::of(self::points([0 => 1, 61 => 1]));
        self::assertSame([61.0, 240.0], [$silent->minutesAbove, $silent->limitMinutes]);
        self::assertSame(0.0, Exposure::of(self::points([0 => 1, 60 => 1]))->minutesAbove);
        // Since the last reading: as warm as that while it is not too long ago.
        self::assertSame(0.0, Exposure::of(self::points([0 => 1]), until: 60)->minutesAbove);
        self::assertSame(61.0, Exposure::of(self::points([0 => 1]), until: 61)->minutesAbove);
        self::assertSame(30.0, Exposure::of(self::points([0 => 6]), until: 30)->minutesAbove);
        self::assertSame([0.0, null], [Exposure::of([])->minutesAbove, Exposure::of([])->warmestC]);
    }

    public function test_earlier_minutes_count_and_so_does_that_it_was_hot_then(): void
    {
        $log = self::points([0 => 10, 60 => 10]);
        self::assertSame(Verdict::Warn, Exposure::of($log, before: 60)->verdict);
        self::assertSame(Verdict::Within, Exposure::of($log, before: 59)->verdict);
        self::assertSame(Verdict::Stop, Exposure::of($log, before: 180, beforeHot: true)->verdict);
        self::assertSame(240.0, Exposure::of($log, before: 180)->leftMinutes);
    }

    /** Against the same record read every tenth of a minute. */
    public function test_minutes_above_agree_with_a_record_read_closely(): void
    {
        mt_srand(20261212);
        for ($case = 0; $case < 200; $case++) {
            $log = [];
            for ($minute = 0; $minute <= 600; $minute += mt_rand(5, 60)) {
                $log[$minute] = mt_rand(-20, 250) / 10;
            }
            $exposure = Exposure::of(self::points($log), 0.0);
            $counted = 0.0;
            $minutes = array_keys($log);
            for ($i = 1; $i < count($minutes); $i++) {
                $steps = 10 * ($minutes[$i] - $minutes[$i - 1]);
                for ($s = 0; $s < $steps; $s++) {
                    $share = ($s + 0.5) / $steps;
                    $c = $log[$minutes[$i - 1]] + $share * ($log[$minutes[$i]] - $log[$minutes[$i - 1]]);
                    $counted += $c > 4.4 ? 0.1 : 0.0;
                }
            }
            self::assertEqualsWithDelta($counted, $exposure->minutesAbove, 0.1 * count($minutes));
            // Warmer, or a probe less good, is never shorter.
            self::assertGreaterThanOrEqual(
                $exposure->minutesAbove - 1e-9,
                Exposure::of(self::points($log), 1.0)->minutesAbove,
            );
        }
    }

    public function test_the_middle_is_frozen_and_thawed_when_the_handbook_says(): void
    {
        self::assertEqualsWithDelta(
            1.2753,
            CoreTime::hours(Surroundings::FreezeBlast, 35, -38, 0.2),
            0.00005,
        );
        self::assertEqualsWithDelta(24.483, CoreTime::hours(Surroundings::ThawStillAir, 35, 3, 0.2), 0.0005);
        self::assertNull(CoreTime::hours(Surroundings::FreezeBlast, 35, -1.5));
        self::assertNull(CoreTime::hours(Surroundings::ThawWater, 35, -2));
        // Thicker takes longer, and colder, better air and no wrap less.
        foreach (Surroundings::cases() as $how) {
            $ambient = $how->freezes() ? -30.0 : 4.0;
            $hours = fn (float $mm, float $c, float $wrap): float => CoreTime::hours($how, $mm, $c, $wrap) ?? 0.0;
            self::assertGreaterThan($hours(30, $ambient, 0), $hours(40, $ambient, 0));
            self::assertGreaterThan($hours(30, $ambient, 0), $hours(30, $ambient, 0.5));
            self::assertLessThan($hours(30, $ambient, 0), $hours(30, $how->freezes() ? -35.0 : 5.0, 0));
            self::assertEqualsWithDelta(
                1.3 * $hours(30, $ambient, 0),
                CoreTime::hours($how, 30, $ambient, 0, 75, 1.3),
                1e-9,
            );
        }
    }

    public function test_figures_that_make_no_sense_are_refused_at_their_place(): void
    {
        foreach (
            [
                '/accuracy_c' => fn () => Exposure::of([], 4),
                '/max_gap_minutes' => fn () => Exposure::of([], 0.5, 0),
                '/before_minutes' => fn () => Exposure::of([], before: -1),
                '/until_minute' => fn () => Exposure::of([new Point(10, 3)], until: 9),
                '/thickness_mm' => fn () => CoreTime::hours(Surroundings::ThawWater, 0, 4),
                '/wrap_mm' => fn () => CoreTime::hours(Surroundings::ThawWater, 10, 4, -1),
                '/fish_water_pct' => fn () => CoreTime::hours(Surroundings::ThawWater, 10, 4, 0, 5),
                '/house_factor' => fn () => CoreTime::hours(Surroundings::ThawWater, 10, 4, 0, 75, 0),
            ] as $where => $try
        ) {
            try {
                $try();
                self::fail("Taken at {$where}.");
            } catch (BadHold $bad) {
                self::assertSame($where, $bad->pointer());
            }
        }
    }
}
