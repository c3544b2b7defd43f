<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Freezing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Hold\BadHold;
use Sectum\Hold\Freezing\FreezeCheck;
use Sectum\Hold\Freezing\FreezeRecord;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Freezing\Freezing;
use Sectum\Hold\Freezing\Lacks;
use Sectum\Hold\Point;

final class FreezeCheckTest extends TestCase
{
    /**
     * @param  array<int|string, float|int>  $log  °C by minute
     * @return list<Point>
     */
    private static function points(array $log): array
    {
        return array_map(
            fn (int|string $minute, float|int $celsius): Point => new Point((float) $minute, (float) $celsius),
            array_keys($log),
            $log,
        );
    }

    /** @return array<int, float> every hour up to a minute */
    private static function hourly(float $celsius, int $from, int $to): array
    {
        return array_fill_keys(range($from, $to, 60), $celsius);
    }

    public function test_the_record_of_the_handbook_meets_two_rules_and_misses_two(): void
    {
        $check = FreezeCheck::of(
            new FreezeRecord(
                self::points([0 => -36, 60 => -36.5, 120 => -37, 180 => -24, ...[]] + self::hourly(-22, 240, 1620)),
                self::points([0 => 2, 60 => -8, 120 => -24, 180 => -24] + self::hourly(-22, 240, 1620)),
                loadedMinute: 0,
            ),
        );
        self::assertEqualsWithDelta(106.875, $check->solidMinute, 1e-9);
        foreach (['eu-20-24h', 'fda-35-20-24h'] as $rule) {
            self::assertTrue($check->rules[$rule]->met);
            self::assertEqualsWithDelta(1546.875, $check->rules[$rule]->metMinute, 1e-9);
            self::assertEqualsWithDelta(1513.125, $check->rules[$rule]->longestMinutes, 1e-9);
            self::assertNull($check->rules[$rule]->missing);
        }
        self::assertFalse($check->rules['fda-20-168h']->met);
        self::assertEqualsWithDelta(1620, $check->rules['fda-20-168h']->longestMinutes, 1e-9);
        self::assertSame(Lacks::Time, $check->rules['fda-20-168h']->missing?->code);
        self::assertFalse($check->rules['fda-35-15h']->met);
        self::assertEqualsWithDelta(20.05, $check->rules['fda-35-15h']->longestMinutes, 0.005);
    }

    public function test_twenty_minutes_of_deep_cold_as_the_core_freezes_meet_no_rule_of_minus_thirty_five(): void
    {
        $air = self::hourly(-22, 0, 540) + [600 => -36.5, 620 => -36.5, 640 => -22] + self::hourly(-22, 660, 2400);
        $core = [0 => 2, 60 => 0, 120 => -1, 180 => -2, 240 => -4, 300 => -7, 360 => -10, 420 => -13, 480 => -16];
        $core += [540 => -19, 600 => -20, 620 => -21] + self::hourly(-21.5, 660, 2400);
        $check = FreezeCheck::of(new FreezeRecord(self::points($air), self::points($core), loadedMinute: 0));
        self::assertTrue($check->rules['eu-20-24h']->met);
        foreach (['fda-35-15h', 'fda-35-20-24h', 'eu-35-15h'] as $rule) {
            self::assertFalse($check->rules[$rule]->met, $rule);
            self::assertSame(0.0, $check->rules[$rule]->longestMinutes, $rule);
        }
        self::assertSame(Lacks::ColdWhileFreezing, $check->rules['fda-35-20-24h']->missing?->code);
    }

    public function test_an_ordinary_freezer_meets_none_however_long(): void
    {
        $check = FreezeCheck::of(
            new FreezeRecord(self::points(self::hourly(-18, 0, 43_200)), self::points(self::hourly(-18, 0, 43_200))),
        );
        foreach ($check->rules as $rule) {
            self::assertFalse($rule->met);
            self::assertNotNull($rule->missing);
        }
        self::assertNull($check->solidMinute);
    }

    public function test_a_silence_breaks_a_stretch_and_exactly_the_limit_does_not(): void
    {
        $met = fn (int $gap): bool => FreezeCheck::of(
            new FreezeRecord(
                [],
                self::points(self::hourly(-25, 0, 720) + self::hourly(-25, 720 + $gap, 1500 + $gap)),
            ),
        )->rules['eu-20-24h']->met;
        self::assertTrue($met(60));
        self::assertFalse($met(61));
        $broken = FreezeCheck::of(
            new FreezeRecord([], self::points(self::hourly(-25, 0, 720) + self::hourly(-5, 800, 1520))),
        )->rules['eu-20-24h'];
        self::assertSame([Lacks::Silence, 720.0, 800.0], [
            $broken->missing?->code,
            $broken->missing?->from,
            $broken->missing?->to,
        ]);
    }

    public function test_a_core_that_thaws_begins_anew_and_what_was_met_stays_met(): void
    {
        $core = self::hourly(-25, 0, 1500) + [1560 => 1.0] + self::hourly(-25, 1620, 2000);
        $check = FreezeCheck::of(new FreezeRecord([], self::points($core)));
        self::assertTrue($check->rules['eu-20-24h']->met);
        self::assertEqualsWithDelta(1440.0, $check->rules['eu-20-24h']->metMinute, 1e-9);
        self::assertGreaterThan(1560.0, $check->solidMinute);
        // Thawed before a day was over: two halves make no whole.
        $halves = self::hourly(-25, 0, 900) + [960 => 1.0] + self::hourly(-25, 1020, 1980);
        self::assertFalse(FreezeCheck::of(new FreezeRecord([], self::points($halves)))->rules['eu-20-24h']->met);
        // Air that stayed cold all the while does not carry it over the thaw either.
        $air = self::points(self::hourly(-25, 0, 10_200));
        $thawing = self::points(self::hourly(-24, 0, 5000) + [5040 => 2.0] + self::hourly(-24, 5100, 10_200));
        self::assertFalse(FreezeCheck::of(new FreezeRecord($air, $thawing))->rules['fda-20-168h']->met);
    }

    public function test_frozen_fish_that_is_warm_after_a_silence_thawed_when_the_silence_began_and_freezes_anew(): void
    {
        $cold = array_map(fn (int $hour): Point => new Point(60 * $hour, -37.0), range(1, 5));
        $again = array_map(fn (int $hour): Point => new Point(60 * $hour, -37.0), range(21, 50));
        $core = [new Point(0, 3.0), ...$cold, new Point(1200, 3.0), ...$again];
        $freezings = Freezing::all(new FreezeRecord([], $core, 0.0, 60.0, 0.0));
        self::assertSame(
            [[0.0, 300.0], [1200.0, INF]],
            array_map(fn (Freezing $one): array => [$one->from, $one->to], $freezings),
        );
        $rule = FreezeCheck::of(new FreezeRecord([], $core, 0.0, 60.0, 0.0))->rules['eu-20-24h'];
        self::assertTrue($rule->met);
        self::assertGreaterThan(1200.0 + 1440.0, $rule->metMinute);
    }

    public function test_a_record_full_of_silences_and_thaws_has_no_more_freezings_than_readings(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(77));
        $thawed = 0;
        for ($i = 0; $i < 3_000; $i++) {
            $core = [];
            for ($minute = 0; $minute < 3_000; $minute += $random->getInt(1, 400)) {
                $core[] = new Point($minute, [3.0, -1.5, -20.0, -38.0][$random->getInt(0, 3)]);
            }
            $freezings = Freezing::all(new FreezeRecord([], $core, 0.0, 60.0, 0.0));
            self::assertLessThanOrEqual(count($core), count($freezings));
            foreach ($freezings as $n => $one) {
                self::assertGreaterThanOrEqual($n === 0 ? 0.0 : $freezings[$n - 1]->to, $one->from);
            }
            $thawed += count($freezings) - 1;
        }
        self::assertGreaterThan(3_000, $thawed);
    }

    public function test_without_a_core_probe_a_person_s_word_is_heard_and_only_after_the_loading(): void
    {
        $air = self::points(self::hourly(-37, 0, 1500));
        $check = fn (?float $word): FreezeCheck => FreezeCheck::of(
            new FreezeRecord($air, [], loadedMinute: 10, solidMinute: $word),
        );
        self::assertTrue($check(120)->rules['fda-35-15h']->met);
        self::assertEqualsWithDelta(1020.0, $check(120)->rules['fda-35-15h']->metMinute, 1e-9);
        self::assertSame(Lacks::WordOfSolid, $check(null)->rules['fda-35-15h']->missing?->code);
        self::assertFalse($check(10)->rules['fda-35-15h']->met);
        self::assertSame(Lacks::CoreProbe, $check(120)->rules['eu-20-24h']->missing?->code);
        $unknown = FreezeCheck::of(new FreezeRecord($air, []));
        self::assertSame(Lacks::Loading, $unknown->rules['fda-20-168h']->missing?->code);
        self::assertSame(0.0, $unknown->rules['fda-20-168h']->longestMinutes);
    }

    public function test_a_core_never_seen_above_freezing_tells_no_beginning(): void
    {
        $air = self::points(self::hourly(-37, 0, 1500));
        $check = FreezeCheck::of(new FreezeRecord($air, self::points(self::hourly(-22, 0, 1500)), loadedMinute: 0));
        self::assertSame(Lacks::Beginning, $check->rules['fda-35-15h']->missing?->code);
        self::assertTrue($check->rules['eu-20-24h']->met);
    }

    /** Laws over ten thousand records drawn at random: what they may lose, and what they may never gain. */
    public function test_what_a_record_meets_only_ever_grows_with_cold_time_and_readings(): void
    {
        mt_srand(20261211);
        $often = array_fill_keys(array_map(fn (FreezeRule $rule): string => $rule->value, FreezeRule::cases()), 0);
        for ($case = 0; $case < 10_000; $case++) {
            [$air, $core, $end] = self::drawn();
            $accuracy = mt_rand(0, 15) / 10;
            $loaded = (float) mt_rand(0, 30);
            $met = self::met($air, $core, $accuracy, $loaded);
            foreach ($met as $rule) {
                $often[$rule]++;
            }
            $what = "case {$case}";
            // Colder air; longer as it was; more points on the same line.
            $colder = array_map(fn (float $c): float => $c - 1.5, $air);
            self::assertLost([], $met, self::met($colder, $core, $accuracy, $loaded), $what);
            [$on, $in] = [self::longer($air, $end), self::longer($core, $end)];
            self::assertLost([], $met, self::met($on, $in, $accuracy, $loaded), $what);
            self::assertSame($met, self::met(self::closer($air), self::closer($core), $accuracy, $loaded), $what);
            // Less accuracy, a silence, a later loading gain nothing.
            self::assertLost([], self::met($air, $core, $accuracy + 0.7, $loaded), $met, $what);
            $gap = mt_rand(2, 20) * 60;
            $silent = self::met(self::silent($air, $gap), $core, $accuracy, $loaded);
            self::assertLost([], $silent, $met, "{$what}, silent air");
            self::assertLost([], self::met($air, $core, $accuracy, $loaded + 45), $met, "{$what}, loaded later");
        }
        // Each rule was met by some and missed by others, or the laws would say little.
        foreach ($often as $rule => $count) {
            self::assertGreaterThan(100, $count, $rule);
            self::assertLessThan(9_000, $count, $rule);
        }
    }

    public function test_a_rule_is_met_at_the_minute_it_is_due_if_all_stays_as_it_is(): void
    {
        mt_srand(20261127);
        $due = 0;
        for ($case = 0; $case < 1_000; $case++) {
            [$air, $core, $end] = self::drawn();
            foreach (self::check($air, $core)->rules as $code => $rule) {
                $minute = $rule->dueMinute;
                if ($minute === null) {
                    continue;
                }
                $due++;
                self::assertGreaterThan($end, $minute, "case {$case}: {$code} was due before the last reading");
                $until = (int) ceil($minute / 60) * 60 + 60;
                $more = self::check(self::on($air, $end, $until), self::on($core, $end, $until))->rules[$code];
                self::assertEqualsWithDelta($minute, $more->metMinute ?? -1, 1e-6, "case {$case}: {$code}");
                self::assertNull($more->dueMinute, 'what is met is not due');
            }
        }
        self::assertGreaterThan(500, $due);
    }

    /**
     * @param  array<int, float>  $log
     * @return array<int, float> as it was last, up to a minute
     */
    private static function on(array $log, int $from, int $to): array
    {
        return isset($log[$from]) ? $log + self::hourly($log[$from], $from, $to) : $log;
    }

    /**
     * @param  array<int, float>  $air
     * @param  array<int, float>  $core
     */
    private static function check(array $air, array $core): FreezeCheck
    {
        return FreezeCheck::of(new FreezeRecord(self::points($air), self::points($core), 0.5, 60, 0.0));
    }

    /**
     * @param  list<string>  $but
     * @param  list<string>  $these
     * @param  list<string>  $those
     */
    private static function assertLost(array $but, array $these, array $those, string $what): void
    {
        self::assertSame($but, array_values(array_diff($these, $those)), $what);
    }

    /**
     * @param  array<int, float>  $air
     * @param  array<int, float>  $core
     * @return list<string> rules it meets
     */
    private static function met(array $air, array $core, float $accuracy, float $loaded): array
    {
        $met = [];
        $record = new FreezeRecord(self::points($air), self::points($core), $accuracy, 60, $loaded);
        foreach (FreezeCheck::of($record)->rules as $code => $rule) {
            if ($rule->met) {
                $met[] = $code;
            }
        }

        return $met;
    }

    /**
     * @param  array<int, float>  $log
     * @return array<int, float> an hour longer, as it was last
     */
    private static function longer(array $log, int $end): array
    {
        return isset($log[$end]) ? $log + [$end + 60 => $log[$end]] : $log;
    }

    /**
     * @param  array<int, float>  $log
     * @return array<int, float> without three hours
     */
    private static function silent(array $log, int $from): array
    {
        return array_filter(
            $log,
            fn (int $minute): bool => $minute <= $from || $minute >= $from + 180,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param  array<int, float>  $log
     * @return array<int, float> with a point halfway between any two
     */
    private static function closer(array $log): array
    {
        $minutes = array_keys($log);
        for ($i = 1; $i < count($minutes); $i++) {
            [$a, $b] = [$minutes[$i - 1], $minutes[$i]];
            if (($a + $b) % 2 === 0) {
                $log[intdiv($a + $b, 2)] = ($log[$a] + $log[$b]) / 2;
            }
        }
        ksort($log);

        return $log;
    }

    /** @return array{array<int, float>, array<int, float>, int} air and core by minute, and the last minute */
    private static function drawn(): array
    {
        $level = [-38.5, -38.5, -36.2, -24.0, -22.0, -20.2, -18.0][mt_rand(0, 6)];
        $then = [$level, $level, -22.5, -24.0][mt_rand(0, 3)];
        $turn = mt_rand(6, 30) * 60;
        $end = (mt_rand(0, 5) === 0 ? mt_rand(150, 190) : mt_rand(10, 50)) * 60;
        $air = $core = [];
        $inside = mt_rand(0, 3) > 0;
        $warm = 3.0;
        $noise = mt_rand(0, 6);
        for ($minute = 0; $minute <= $end; $minute += 60) {
            $out = $minute < $turn ? $level : $then;
            $air[$minute] = $out + mt_rand(-$noise, $noise) / 10 + (mt_rand(0, 199) === 0 ? 6 : 0);
            $core[$minute] = round($warm, 3) + (mt_rand(0, 299) === 0 ? 15 : 0);
            $warm += 0.25 * ($out - $warm);
        }

        return [$air, $inside ? $core : [], $end];
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'a probe that broke' => [fn () => new Point(0, 85), '/c'];
        yield 'no number' => [fn () => new Point(0, NAN), '/c'];
        yield 'no time' => [fn () => new Point(INF, -20), '/minute'];
        yield 'a probe that is good to nothing' => [fn () => new FreezeRecord([], [], 3.1), '/accuracy_c'];
        yield 'silence that is none' => [fn () => new FreezeRecord([], [], 0.5, 0.5), '/max_gap_minutes'];
        yield 'silence for too long' => [fn () => new FreezeRecord([], [], 0.5, 61), '/max_gap_minutes'];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('impossible')]
    public function test_what_no_probe_says_is_refused_at_its_figure(callable $try, string $where): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (BadHold $bad) {
            self::assertSame($where, $bad->pointer());
        }
    }

    public function test_every_rule_says_how_long_how_cold_and_on_which_probe(): void
    {
        $said = array_map(
            fn (FreezeRule $rule): array => [
                $rule->value,
                $rule->neededMinutes(),
                $rule->celsius(),
                $rule->ofTheCore(),
            ],
            FreezeRule::cases(),
        );
        self::assertSame(
            [
                ['fda-20-168h', 10_080.0, -20.0, false],
                ['eu-20-24h', 1_440.0, -20.0, true],
                ['eu-35-15h', 900.0, -35.0, true],
                ['fda-35-15h', 900.0, -35.0, false],
                ['fda-35-20-24h', 1_440.0, -20.0, false],
            ],
            $said,
        );
    }
}
