<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Logger;

use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Logger\BadRow;
use Sectum\Hold\Logger\DateOrder;
use Sectum\Hold\Logger\LoggerMap;
use Sectum\Hold\Logger\RowFault;

final class LoggerMapTest extends TestCase
{
    private static function zone(string $name = 'Europe/Berlin'): DateTimeZone
    {
        return new DateTimeZone($name);
    }

    /** @return iterable<string, array{non-empty-list<string>, string, string|null, string|null}> */
    public static function files(): iterable
    {
        $at = '2026-11-26T09:05:00+00:00';
        yield 'comma, point, year first' => [
            ['Timestamp,Air C,Core C', '2026-11-26 10:05:00,-36.4,2.1'],
            $at,
            '−36.4 °C',
            '2.1 °C',
        ];
        yield 'semicolon, decimal comma, day first' => [
            ['Datum;Uhrzeit;Raum;Kern', '13.11.2026;10:00;-20,5;1,0', '26.11.2026;10:05;-36,4;2,1'],
            $at,
            '−36.4 °C',
            '2.1 °C',
        ];
        yield 'month first, half days, Fahrenheit' => [
            [
                'Date/Time,Product (°F),Chamber (°F)',
                '11/26/2026 9:50:00 AM,36.0,-33.0',
                '11/26/2026 10:05:00 AM,35.8,-33.5',
            ],
            $at,
            '−36.4 °C',
            '2.1 °C',
        ];
        yield 'seconds, tab, air alone' => [["time\tair", "1795683900\t-36.4"], $at, '−36.4 °C', null];
        yield 'an offset of its own' => [
            ['time,core probe', '2026-11-26T11:05:00+02:00,2.1'],
            $at,
            null,
            '2.1 °C',
        ];
        yield 'silence of one probe' => [['time,air,core', '2026-11-26 10:05,,2.1'], $at, null, '2.1 °C'];
    }

    /** @param  non-empty-list<string>  $lines */
    #[DataProvider('files')]
    public function test_a_file_is_read_as_it_is_meant(array $lines, string $at, ?string $air, ?string $core): void
    {
        $sample = LoggerMap::guess($lines, self::zone())->row($lines[count($lines) - 1]);
        self::assertSame($at, gmdate('Y-m-d\TH:i:sP', $sample->at));
        self::assertSame([$air, $core], [$sample->air?->print(), $sample->core?->print()]);
    }

    /** @return iterable<string, array{string, RowFault}> */
    public static function rows(): iterable
    {
        yield 'open probe' => ['2026-11-26 10:05,85.0,2', RowFault::Broken];
        yield 'no number' => ['2026-11-26 10:05,NaN,2', RowFault::NoTemperature];
        yield 'infinite' => ['2026-11-26 10:05,1e999,2', RowFault::NoTemperature];
        yield 'no day' => ['2026-13-45 10:05,-20,2', RowFault::NoTime];
        yield 'no hour' => ['2026-11-26 25:05,-20,2', RowFault::NoTime];
        yield 'words' => ['end of file,-20,2', RowFault::NoTime];
    }

    #[DataProvider('rows')]
    public function test_a_row_that_makes_no_sense_says_why(string $row, RowFault $why): void
    {
        $map = LoggerMap::guess(['time,air,core', '2026-11-26 10:00,-20,1'], self::zone());
        try {
            $map->row($row);
            self::fail('It was taken.');
        } catch (BadRow $bad) {
            self::assertSame($why, $bad->said()?->code);
        }
    }

    public function test_days_that_may_be_either_are_taken_day_first(): void
    {
        $map = LoggerMap::guess(['time,air', '03/04/2026 10:00,-20'], self::zone('UTC'));
        self::assertSame(DateOrder::DayFirst, $map->dates);
        self::assertSame('2026-04-03', gmdate('Y-m-d', $map->row('03/04/2026 10:00,-20')->at));
    }

    public function test_a_file_without_temperatures_is_no_record(): void
    {
        $this->expectException(BadHold::class);
        LoggerMap::guess(['name,price', 'hake,12'], self::zone());
    }
}
