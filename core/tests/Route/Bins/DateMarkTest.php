<?php

declare(strict_types=1);

namespace Sectum\Tests\Route\Bins;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Route\Bins\DateMark;
use Sectum\Route\Bins\DaysKept;
use Sectum\Route\Bins\EndsSoon;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\PastItsDate;

final class DateMarkTest extends TestCase
{
    public function test_the_days_of_the_house(): void
    {
        self::assertSame(
            '2026-03-02',
            self::mark(Bin::Stock, Keeping::Cold)->day->format('Y-m-d'),
            'bones: two days counting the day they were cut',
        );
        self::assertSame(
            '2026-05-29',
            self::mark(Bin::Stock, Keeping::Frozen)->day->format('Y-m-d'),
            'ninety days frozen',
        );
        self::assertSame('2026-03-01', self::mark(Bin::Mince, Keeping::Cold)->day->format('Y-m-d'));
        self::assertStringContainsString('Check your local code', self::mark(Bin::Mince, Keeping::Cold)->why);
    }

    public function test_a_cold_mark_never_outlives_the_fish_and_a_frozen_one_stops_its_clock(): void
    {
        $mark = self::mark(Bin::Stock, Keeping::Cold, '2026-03-01');
        self::assertSame(
            ['2026-03-01', true],
            [$mark->day->format('Y-m-d'), str_contains($mark->why, 'fish itself')],
        );
        self::assertSame('2026-05-29', self::mark(Bin::Stock, Keeping::Frozen, '2026-03-01')->day->format('Y-m-d'));
        $this->expectException(PastItsDate::class);
        self::mark(Bin::Stock, Keeping::Frozen, '2026-02-28');
    }

    public function test_what_is_served_raw_is_not_frozen_in_its_bin(): void
    {
        $this->expectExceptionMessage('Tartare is not frozen');
        self::mark(Bin::Tartare, Keeping::Frozen);
    }

    public function test_the_morning_list_says_what_to_do(): void
    {
        $say = fn (
            Bin $bin,
            int $days,
            int $grams,
            ?int $enough,
            Keeping $keeping = Keeping::Cold,
        ): EndsSoon => EndsSoon::advice(
            $bin,
            $keeping,
            DaysKept::usual($bin),
            $days,
            Mass::ofGrams($grams),
            $enough === null ? null : Mass::ofGrams($enough),
        );
        self::assertSame(EndsSoon::PastItsDate, $say(Bin::Stock, 0, 9000, 4000));
        self::assertSame(EndsSoon::EnoughForABatch, $say(Bin::Stock, 1, 4000, 4000));
        self::assertSame(EndsSoon::FreezeIt, $say(Bin::Stock, 1, 3999, 4000));
        self::assertSame(EndsSoon::ServeOrCookIt, $say(Bin::Tartare, 1, 200, null));
        self::assertSame(EndsSoon::UseIt, $say(Bin::Stock, 1, 200, 4000, Keeping::Frozen));
    }

    private static function mark(Bin $bin, Keeping $keeping, ?string $ends = null): DateMark
    {
        return DateMark::of(
            $bin,
            $keeping,
            DaysKept::usual($bin),
            new DateTimeImmutable('2026-03-01 15:20'),
            $ends === null ? null : new DateTimeImmutable($ends.' 11:00'),
        );
    }
}
