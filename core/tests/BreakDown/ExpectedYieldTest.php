<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\BreakDown\YieldVerdict;
use Sectum\Fish\BadYield;
use Sectum\Math\StudentT;
use Sectum\Measure\Mass;

final class ExpectedYieldTest extends TestCase
{
    use TestTrait;

    /** @return list<YieldRecord> */
    private static function records(float ...$pct): array
    {
        return array_map(fn (float $one): YieldRecord => new YieldRecord($one), array_values($pct));
    }

    public function test_without_records_it_is_the_starting_figure_with_a_wide_band(): void
    {
        $yield = ExpectedYield::of(new StartingYield(62, 3, 4), []);
        self::assertEqualsWithDelta(
            [62, 56.6784, 67.3216, 6, 0],
            [$yield->meanPct, $yield->lowPct, $yield->highPct, $yield->df, $yield->records],
            0.00005,
        );
        self::assertNull($yield->slopePct);
    }

    public function test_five_records_pull_it_to_the_house_and_a_low_fish_is_told(): void
    {
        $yield = ExpectedYield::of(new StartingYield(62, 3, 4), self::records(58.1, 59.4, 57.2, 60.3, 58.8));
        self::assertEqualsWithDelta(
            [60.2, 55.599, 64.801, 11],
            [$yield->meanPct, $yield->lowPct, $yield->highPct, $yield->df],
            0.0005,
        );
        self::assertEqualsWithDelta(0.0336, $yield->tail(55), 0.00005);
        self::assertSame(
            [YieldVerdict::Low, YieldVerdict::AsExpected, YieldVerdict::High],
            [$yield->verdict(55), $yield->verdict(57), $yield->verdict(65)],
        );
    }

    /** @return list<array{float, float, float}> degrees of freedom, share below, tabled value */
    public static function tabled(): array
    {
        return [
            [1, 0.95, 6.313752],
            [2, 0.975, 4.302653],
            [5, 0.9, 1.475884],
            [10, 0.995, 3.169273],
            [30, 0.95, 1.697261],
            [120, 0.975, 1.97993],
        ];
    }

    #[DataProvider('tabled')]
    public function test_student_t_as_tabled(float $df, float $p, float $t): void
    {
        $student = new StudentT($df);
        self::assertEqualsWithDelta($t, $student->quantile($p), 1e-6);
        self::assertEqualsWithDelta(-$t, $student->quantile(1 - $p), 1e-6);
        self::assertEqualsWithDelta($p, $student->below($t), 1e-7);
    }

    public function test_size_counts_from_eight_records_on_and_bends_the_mean_towards_it(): void
    {
        $of = function (int $n): ExpectedYield {
            $records = [];
            for ($i = 0; $i < $n; $i++) {
                // Two points more with every doubling, from 1 kg on.
                $records[] = new YieldRecord(58 + 2 * ($i % 4), Mass::ofGrams(1000 * 2 ** ($i % 4)));
            }

            return ExpectedYield::of(new StartingYield(61, 3, 4), $records, 0.9, Mass::ofGrams(8000));
        };
        self::assertNull($of(7)->slopePct);
        self::assertEqualsWithDelta((2 * 20) / 24, $of(16)->slopePct, 1e-9);
        self::assertGreaterThan($of(7)->meanPct, $of(16)->meanPct);
        self::assertLessThan(64.0, $of(16)->meanPct);
    }

    public function test_more_records_narrow_the_band_and_their_order_does_not_matter(): void
    {
        $this->forAll(Generators::vector(20, Generators::choose(500, 700)))->then(function (array $drawn): void {
            $pct = array_map(fn (int $tenths): float => $tenths / 10, array_filter($drawn, is_int(...)));
            $prior = new StartingYield(60, 6, 3);
            $one = ExpectedYield::of($prior, self::records(...$pct));
            $other = ExpectedYield::of($prior, self::records(...array_reverse($pct)));
            self::assertEqualsWithDelta($one->meanPct, $other->meanPct, 1e-9);
            self::assertEqualsWithDelta($one->scalePct, $other->scalePct, 1e-9);
            $mean = array_sum($pct) / count($pct);
            self::assertGreaterThanOrEqual(min($mean, 60) - 1e-9, $one->meanPct);
            self::assertLessThanOrEqual(max($mean, 60) + 1e-9, $one->meanPct);
            self::assertEqualsWithDelta(0.05, $one->tail($one->lowPct), 1e-9);
            // Every fish exactly at the mean makes the next one surer.
            self::assertLessThan(
                $one->scalePct,
                ExpectedYield::of($prior, self::records(...[...$pct, ...array_fill(0, 20, $one->meanPct)]))->scalePct,
            );
        });
    }

    public function test_a_starting_figure_that_cannot_be_is_refused(): void
    {
        foreach (
            [
                [0, 3, 4, '/prior/mean_pct'],
                [101, 3, 4, '/prior/mean_pct'],
                [60, 0, 4, '/prior/sd_pct'],
                [60, 3, 0, '/prior/strength'],
                [NAN, 3, 4, '/prior/mean_pct'],
            ] as [$mean, $sd, $strength, $pointer]
        ) {
            try {
                new StartingYield($mean, $sd, $strength);
                self::fail('It was taken.');
            } catch (BadYield $bad) {
                self::assertSame($pointer, $bad->pointer());
            }
        }
    }
}
