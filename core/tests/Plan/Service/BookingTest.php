<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Service;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Sectum\Plan\Service\Booking;
use Sectum\Plan\Service\BookingFault;
use Sectum\Plan\Service\ServiceKind;

final class BookingTest extends TestCase
{
    #[TestWith(['2026-11-27', '2026-11-27'])]
    #[TestWith([' 7.2.2027 ', '2027-02-07'])]
    #[TestWith(['29.02.2026', ''])]
    #[TestWith(['11/12/2026', ''])]
    #[TestWith(['tomorrow', ''])]
    public function test_a_day_is_read_where_it_can_mean_one_day_only(string $typed, string $day): void
    {
        self::assertSame($day, Booking::day($typed));
    }

    #[TestWith(['19:00', '19:00'])]
    #[TestWith(['9.30', '09:30'])]
    #[TestWith(['19:00:00', '19:00'])]
    #[TestWith(['24:00', ''])]
    #[TestWith(['seven', ''])]
    public function test_an_hour(string $typed, string $hour): void
    {
        self::assertSame($hour, Booking::hour($typed));
    }

    #[TestWith(['Wedding, 160 guests', 160])]
    #[TestWith(['Table of 12 people, room 4', 12])]
    #[TestWith(['84 Covers', 84])]
    #[TestWith(['Room 160, guests unknown', null])]
    #[TestWith(['1.5 guests', null])]
    public function test_guests_somebody_wrote_of(string $text, ?int $guests): void
    {
        self::assertSame($guests, Booking::guestsIn($text));
    }

    public function test_what_is_no_service_says_why(): void
    {
        $of = fn (string $day, string $at, string $name, ?int $covers, bool $off = false): ?BookingFault => Booking::of(
            'k',
            $day,
            $at,
            $name,
            $covers,
            ServiceKind::Banquet,
            $off,
        )->fault;
        self::assertNull($of('2026-11-27', '19:00', 'Guild', 100));
        self::assertSame(
            [
                BookingFault::NoDay,
                BookingFault::NoHour,
                BookingFault::NoName,
                BookingFault::NoCovers,
                BookingFault::TooMany,
                BookingFault::Cancelled,
            ],
            [
                $of('', '19:00', 'Guild', 100),
                $of('2026-11-27', '', 'Guild', 100),
                $of('2026-11-27', '19:00', '', 100),
                $of('2026-11-27', '19:00', 'Guild', null),
                $of('2026-11-27', '19:00', 'Guild', 100_000),
                $of('2026-11-27', '19:00', 'Guild', 100, true),
            ],
        );
    }
}
