<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\BadLog;
use Sectum\Log\Drift\Ewma;
use Sectum\Math\Normal;
use Sectum\Math\StudentT;

final class EwmaTest extends TestCase
{
    public function test_eight_fish_of_which_the_last_two_signal(): void
    {
        $chart = Ewma::of([0.3, -0.4, -1.2, -1.6, -0.9, -2.1, -1.4, -1.8]);
        self::assertSame([7, 8], $chart->signals);
        self::assertEqualsWithDelta(-1.00383, $chart->means[6], 1e-5);
        self::assertEqualsWithDelta(0.96538, $chart->limits[6], 1e-5);
    }

    public function test_a_fish_as_expected_is_nothing_and_a_poor_one_is_below(): void
    {
        self::assertEqualsWithDelta(0.0, Ewma::z(57.0, 57.0, 1.5, 9), 1e-9);
        self::assertLessThan(0.0, Ewma::z(55.0, 57.0, 1.5, 9));
        self::assertEqualsWithDelta(-2.0, Ewma::z(54.0, 57.0, 1.5, 1e7), 1e-3, 'many degrees are a normal');
        self::assertGreaterThan(-8.0, Ewma::z(0.1, 57.0, 0.5, 3));
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function degrees(): iterable
    {
        yield 'few' => [6, 400, 650];
        yield 'some' => [11, 400, 650];
        yield 'many' => [40, 400, 650];
    }

    /** Nothing changed: one false alarm in about five hundred fish, however little the expectation knew. */
    #[DataProvider('degrees')]
    public function test_false_alarms_are_seldom(float $df, float $least, float $most): void
    {
        $random = new Randomizer(new Mt19937((int) (20261128 + $df)));
        $student = new StudentT($df);
        // A thousand equally likely fish stand for all there could be.
        $fish = array_map(
            fn (int $i): float => Ewma::z(57 + 1.5 * $student->quantile(($i - 0.5) / 1000), 57, 1.5, $df),
            range(1, 1000),
        );
        $alarms = $seen = 0;
        for ($run = 0; $run < 200; $run++) {
            $z = [];
            for ($i = 0; $i < 1500; $i++) {
                $z[] = $fish[$random->getInt(0, 999)];
            }
            $first = Ewma::of($z)->signals[0] ?? null;
            $seen += $first ?? 1500;
            $alarms += $first === null ? 0 : 1;
        }
        // The alarms of so many runs scatter by a fourteenth of their number.
        self::assertGreaterThan($least * 0.8, $seen / $alarms);
        self::assertLessThan($most * 1.2, $seen / $alarms);
    }

    public function test_a_fall_of_one_spread_is_found_within_ten_fish_at_the_median(): void
    {
        $random = new Randomizer(new Mt19937(20261128));
        $found = [];
        for ($run = 0; $run < 400; $run++) {
            $z = [];
            for ($i = 0; $i < 80; $i++) {
                $z[] = Normal::quantile($random->getInt(1, 999_999) / 1_000_000) - 1;
            }
            $found[] = Ewma::of($z)->signals[0] ?? 80;
        }
        sort($found);
        self::assertLessThanOrEqual(10, $found[200]);
    }

    public function test_what_makes_no_sense_is_refused_where_it_stands(): void
    {
        foreach (
            [
                '/lambda' => fn () => Ewma::of([1.0], 0.0),
                '/width' => fn () => Ewma::of([1.0], 0.2, 0.0),
                '/scale_pct' => fn () => Ewma::z(1, 1, 0, 5),
                '/df' => fn () => Ewma::z(1, 1, 1, 0),
            ] as $at => $bad
        ) {
            try {
                $bad();
                self::fail("{$at} was taken.");
            } catch (BadLog $refused) {
                self::assertSame($at, $refused->pointer());
            }
        }
    }
}
