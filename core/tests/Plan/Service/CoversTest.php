<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Service;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Math\Shrunken;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\Sold;
use Sectum\Plan\Service\TakeUp;

final class CoversTest extends TestCase
{
    public function test_a_banquet_is_cooked_for_those_who_come_until_a_count_is_guaranteed(): void
    {
        $announced = Covers::banquet(160, 5, 3, 5);
        self::assertSame(160, $announced->count, '160 less 5 % of no-shows, and 5 % spare');
        self::assertEqualsWithDelta(5.04, $announced->sd, 1e-9);
        $guaranteed = Covers::banquet(160, 5, 3, 5, 148);
        self::assertSame([156, 0.0], [$guaranteed->count, $guaranteed->sd]);
        self::assertEqualsWithDelta(156, $guaranteed->demand(100, 0)->portions->mean(), 1e-9);
        self::assertEqualsWithDelta(42, $guaranteed->demand(0, 0, 40)->portions->mean(), 1e-9);
    }

    public function test_a_dining_room_wants_its_share_on_average_and_more_or_less_of_it(): void
    {
        $demand = Covers::diningRoom(80, 12)->demand(30, 4)->portions;
        self::assertEqualsWithDelta(24, $demand->mean(), 0.05);
        // What nobody knows of the covers and of the share spreads it more than guests who decide one by one.
        $alone = Covers::diningRoom(80, 0)->demand(30, 0)->portions;
        self::assertLessThan($alone->atLeast(0.95), $demand->atLeast(0.95));
    }

    public function test_the_mean_alone_is_that_of_the_whole(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($case = 0; $case < 40; $case++) {
            $guests = Covers::diningRoom($random->getInt(0, 160), $random->getInt(0, 30));
            [$share, $sd] = [$random->getInt(0, 100), $random->getInt(0, 12)];
            $chosen = $random->getInt(0, 4) === 0 ? $random->getInt(0, 60) : null;
            self::assertEqualsWithDelta(
                $guests->demand($share, $sd, $chosen)->portions->mean(),
                $guests->mean($share, $sd, $chosen),
                1e-9,
                "case {$case}",
            );
        }
    }

    #[TestWith([-1, 0.0, 0.0, 0.0, null, '/covers'])]
    #[TestWith([100_000, 0.0, 0.0, 0.0, null, '/covers'])]
    #[TestWith([100, 101.0, 0.0, 0.0, null, '/no_show_pct'])]
    #[TestWith([100, 0.0, -1.0, 0.0, null, '/no_show_sd_pct'])]
    #[TestWith([100, 0.0, 0.0, 120.0, null, '/spare_pct'])]
    #[TestWith([100, 0.0, 0.0, 0.0, -4, '/guaranteed'])]
    public function test_guests_that_cannot_be(
        int $guests,
        float $noShow,
        float $sd,
        float $spare,
        ?int $guaranteed,
        string $at,
    ): void {
        try {
            Covers::banquet($guests, $noShow, $sd, $spare, $guaranteed);
            self::fail('It was taken.');
        } catch (BadPlan $e) {
            self::assertSame($at, $e->pointer());
        }
    }

    public function test_a_share_goes_from_its_starting_figure_to_what_was_sold(): void
    {
        self::assertSame([30.0, 0], [TakeUp::of(30, [])->sharePct, TakeUp::of(30, [])->services]);
        self::assertSame([100.0, 0.0], [TakeUp::of(100, [])->sharePct, TakeUp::of(100, [])->sdPct], 'a set menu');
        $few = TakeUp::of(30, [new Sold(8, 80), new Sold(10, 80)]);
        $many = TakeUp::of(30, array_fill(0, 60, new Sold(10, 80)));
        self::assertEqualsWithDelta((4 * 30 + 10 + 12.5) / 6, $few->sharePct, 1e-9);
        self::assertEqualsWithDelta(12.5, $many->sharePct, 1.2);
        self::assertLessThan($few->sdPct, $many->sdPct);
        self::assertSame(100.0, TakeUp::of(90, array_fill(0, 900, new Sold(200, 80)))->sharePct > 99.8 ? 100.0 : 0.0);
    }

    /** What guests who decide one by one scatter must not be taken for a share that moves. */
    public function test_a_share_that_never_moves_is_not_said_to(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $sold = [];
        for ($night = 0; $night < 300; $night++) {
            $portions = 0;
            for ($guest = 0; $guest < 60; $guest++) {
                $portions += $random->getInt(0, 99) < 30 ? 1 : 0;
            }
            $sold[] = new Sold($portions, 60);
        }
        $steady = TakeUp::of(30, $sold);
        self::assertEqualsWithDelta(30, $steady->sharePct, 1.0);
        self::assertLessThan(2.0, $steady->sdPct, 'one by one alone scatters by 5.9 points');
    }

    /** The same law as that of expected yields where there is no trend. */
    public function test_shrunken_agrees_with_the_expected_yield_of_fish_of_no_known_size(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($case = 0; $case < 200; $case++) {
            $records = array_map(
                fn (): float => $random->getInt(300, 700) / 10,
                array_fill(0, $random->getInt(0, 12), 0),
            );
            [$mean, $sd, $strength] =
                [$random->getInt(350, 650) / 10, $random->getInt(5, 60) / 10, (float) $random->getInt(1, 9)];
            $seen = Shrunken::of($mean, $sd, $strength, $records);
            $yield = ExpectedYield::of(
                new StartingYield($mean, $sd, $strength),
                array_map(fn (float $one): YieldRecord => new YieldRecord($one), $records),
            );
            self::assertEqualsWithDelta($yield->meanPct, $seen->mean, 1e-9);
            self::assertEqualsWithDelta($yield->scalePct, $seen->sd, 1e-9);
            self::assertEqualsWithDelta($yield->scalePct ** 2, $yield->lotSdPct ** 2 + $yield->fishSdPct ** 2, 1e-9);
        }
    }

    public function test_a_weekday_stands_on_all_days_until_it_has_its_own(): void
    {
        self::assertNull(TakeUp::covers([5 => [80.0, 90.0]], 6));
        $none = TakeUp::covers([5 => [80.0, 90.0, 100.0]], 6);
        self::assertSame([90.0, 0], [$none?->mean, $none?->records]);
        $days = [5 => [88.0, 92.0, 90.0, 90.0], 6 => [60.0, 62.0, 58.0, 60.0]];
        $own = TakeUp::covers($days, 6);
        self::assertGreaterThan(60.0, $own->mean ?? 0);
        self::assertLessThan(61.0, $own->mean ?? 0, 'days that differ by thirty say little of each other');
        self::assertLessThan(4.0, $own->sd ?? 99, 'its spread is its own, not that between Friday and Saturday');
    }

    public function test_days_that_are_alike_lean_on_each_other(): void
    {
        $alike = TakeUp::covers([1 => [70.0, 90.0, 80.0], 2 => [78.0, 82.0, 84.0, 76.0], 3 => [86.0]], 3);
        self::assertLessThan(83.0, $alike->mean ?? 100);
    }
}
