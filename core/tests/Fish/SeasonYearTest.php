<?php

declare(strict_types=1);

namespace Sectum\Tests\Fish;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\FatGrade;
use Sectum\Fish\SeasonMonths;
use Sectum\Fish\SeasonSupply;
use Sectum\Fish\SeasonYear;

final class SeasonYearTest extends TestCase
{
    private static function months(
        int $from,
        int $to,
        FatGrade $fat,
        SeasonSupply $supply = SeasonSupply::Usual,
        string $area = '',
    ): SeasonMonths {
        return new SeasonMonths($area, $from, $to, $fat, 0.0, false, $supply, '', 'estimate');
    }

    public function test_a_year_wraps_and_is_told_month_by_month(): void
    {
        $year = new SeasonYear([
            self::months(4, 7, FatGrade::Lean),
            self::months(8, 11, FatGrade::Fat),
            self::months(12, 3, FatGrade::Good),
        ]);
        $told = array_map(fn (int $month): ?string => $year->in($month)?->fat?->value, range(1, 12));
        self::assertSame(
            ['good', 'good', 'good', 'lean', 'lean', 'lean', 'lean', 'fat', 'fat', 'fat', 'fat', 'good'],
            $told,
        );
        self::assertSame([4, 4, 4, 1], [
            self::months(4, 7, FatGrade::Lean)->months(),
            self::months(8, 11, FatGrade::Fat)->months(),
            self::months(12, 3, FatGrade::Good)->months(),
            self::months(5, 5, FatGrade::Good)->months(),
        ]);
        self::assertNull((new SeasonYear([]))->in(5));
    }

    public function test_the_own_catch_area_counts_before_everywhere(): void
    {
        $north = self::months(1, 12, FatGrade::Fat, SeasonSupply::Usual, 'FAO 27');
        $year = new SeasonYear([$north, self::months(1, 12, FatGrade::Lean)]);
        self::assertSame(FatGrade::Fat, $year->in(3, 'FAO 27.4.b')?->fat);
        self::assertSame(FatGrade::Lean, $year->in(3, 'FAO 37')?->fat);
        self::assertSame(FatGrade::Lean, $year->in(3)?->fat);
    }

    public function test_a_short_time_is_told_three_months_before_it_and_not_while_it_lasts(): void
    {
        $year = new SeasonYear([
            self::months(1, 2, FatGrade::Lean, SeasonSupply::Short),
            self::months(3, 12, FatGrade::Good),
        ]);
        $told = array_map(fn (int $month): bool => $year->shortAhead($month) !== null, range(1, 12));
        self::assertSame([10, 11, 12], array_keys(array_filter(array_combine(range(1, 12), $told))));
    }
}
