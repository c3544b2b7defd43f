<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\HouseTime;

final class HouseTimeTest extends TestCase
{
    /** @return iterable<string, array{string, int, string, string}> zone, hour, moment, kitchen day */
    public static function days(): iterable
    {
        yield 'an evening is its own day' => ['Europe/Berlin', 4, '2026-11-26T18:00:00Z', '2026-11-26'];
        yield 'past midnight is still the evening' => ['Europe/Berlin', 4, '2026-11-26T23:30:00Z', '2026-11-26'];
        yield 'the last minute of it' => ['Europe/Berlin', 4, '2026-11-27T02:59:59Z', '2026-11-26'];
        yield 'four in the morning is the next' => ['Europe/Berlin', 4, '2026-11-27T03:00:00Z', '2026-11-27'];
        yield 'a house whose day ends at midnight' => ['Europe/Berlin', 0, '2026-11-26T23:30:00Z', '2026-11-27'];
        yield 'eight hours behind: half past five in the afternoon' => [
            'America/Los_Angeles',
            4,
            '2026-11-27T01:30:00Z',
            '2026-11-26',
        ];
        yield 'thirteen hours ahead' => ['Pacific/Auckland', 4, '2026-11-26T18:00:00Z', '2026-11-27'];
        yield 'new year\'s night' => ['Europe/London', 4, '2027-01-01T02:00:00Z', '2026-12-31'];
        yield 'leap day' => ['Asia/Kolkata', 4, '2028-02-29T20:00:00Z', '2028-02-29'];
        yield 'the morning after leap day' => ['Asia/Kolkata', 4, '2028-02-29T22:31:00Z', '2028-03-01'];
        yield 'the night of 23 hours' => ['Europe/Berlin', 4, '2026-03-29T01:30:00Z', '2026-03-28'];
        yield 'after the night of 23 hours' => ['Europe/Berlin', 4, '2026-03-29T02:00:00Z', '2026-03-29'];
        yield 'the hour that comes twice, first' => ['Europe/Berlin', 4, '2026-10-25T00:30:00Z', '2026-10-24'];
        yield 'the hour that comes twice, again' => ['Europe/Berlin', 4, '2026-10-25T01:30:00Z', '2026-10-24'];
        yield 'after the night of 25 hours' => ['Europe/Berlin', 4, '2026-10-25T03:00:00Z', '2026-10-25'];
    }

    #[DataProvider('days')]
    public function test_a_moment_belongs_to_the_day_the_kitchen_counts_it_to(
        string $zone,
        int $ends,
        string $at,
        string $day,
    ): void {
        $house = new HouseTime(new DateTimeZone($zone), $ends);
        self::assertSame("{$day} 00:00", $house->day(new DateTimeImmutable($at))->format('Y-m-d H:i'));
        self::assertSame($zone, $house->day(new DateTimeImmutable($at))->getTimezone()->getName());
    }

    public function test_every_moment_of_two_years_lies_within_its_day_in_four_zones(): void
    {
        foreach (['Europe/Berlin', 'America/Los_Angeles', 'Pacific/Auckland', 'Asia/Kolkata'] as $zone) {
            $house = new HouseTime(new DateTimeZone($zone));
            $before = null;
            // Seventeen hours and a bit: every hour of the day is met, and the day never runs backwards.
            for (
                $at = new DateTimeImmutable('2027-01-01T00:00:00Z');
                $at->format('Y') < '2029';
                $at = $at->modify('+61237 seconds')
            ) {
                $day = $house->day($at);
                self::assertGreaterThanOrEqual($house->begins($day), $at);
                self::assertLessThan($house->begins($day->modify('+1 day')), $at);
                self::assertTrue($before === null || $day >= $before);
                $before = $day;
            }
        }
    }

    public function test_a_place_on_the_ruler_counts_days_not_hours(): void
    {
        $house = new HouseTime(new DateTimeZone('Europe/Berlin'));
        $saturday = new DateTimeImmutable('2026-10-24', $house->zone);
        self::assertSame(
            1.5,
            $house->daysFrom($saturday, new DateTimeImmutable('2026-10-25T10:30:00Z')),
            'half of a day of 25 hours',
        );
        self::assertSame(2.0, $house->daysFrom($saturday, new DateTimeImmutable('2026-10-25T23:00:00Z')));
        self::assertSame(-0.5, $house->daysFrom($saturday, new DateTimeImmutable('2026-10-23T10:00:00Z')));
        $march = new DateTimeImmutable('2026-03-28', $house->zone);
        self::assertSame(
            2.0,
            $house->daysFrom($march, new DateTimeImmutable('2026-03-29T22:00:00Z')),
            'a day of 23 hours is a day',
        );
    }
}
