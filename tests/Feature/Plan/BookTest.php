<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Kitchen\Settings;
use App\Plan\Service\Service;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class BookTest extends PlanKitchen
{
    private static function ics(string ...$events): string
    {
        $all = array_map(fn (string $event): string => "BEGIN:VEVENT\r\n{$event}\r\nEND:VEVENT\r\n", $events);

        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//test//EN\r\n".implode('', $all)."END:VCALENDAR\r\n";
    }

    public function test_a_calendar_becomes_services_in_the_house_s_time_and_the_same_one_again_changes_them(): void
    {
        Settings::store(['timezone' => 'Europe/Dublin'], null);
        // Noon in New York is five in the afternoon here; the clocks of both are set back before.
        $wedding = "UID:w1\r\nDTSTART;TZID=America/New_York:20261128T120000\r\nSUMMARY:Wedding\\, 160 guests";
        $guild = "UID:g1\r\nDTSTART:20261127T183000Z\r\nSUMMARY:Guild\r\nDESCRIPTION:about 90 people";
        $text = self::ics($wedding, $guild);
        $rows = $this->api('POST', '/plan/book', ['text' => $text])->assertOk()->json();
        self::assertSame(['Guild', 'Wedding'], data_get($rows, '*.name'));
        self::assertSame([90, 160], data_get($rows, '*.covers'));
        self::assertSame(['18:30', '17:00'], data_get($rows, '*.at'));
        self::assertSame(['new', 'new'], data_get($rows, '*.becomes'));
        self::assertSame(0, Service::query()->count(), 'nothing is saved by looking');
        $act = self::id();
        $this->api('PUT', "/plan/book/{$act}", ['text' => $text])->assertOk();
        $this->api('PUT', "/plan/book/{$act}", ['text' => $text])->assertOk();
        self::assertSame(2, Service::query()->count());
        $later = self::ics(str_replace('160', '172', $wedding), $guild);
        self::assertSame(
            ['same', 'changed'],
            data_get($this->api('POST', '/plan/book', ['text' => $later])->json(), '*.becomes'),
        );
        $this->api('PUT', '/plan/book/'.self::id(), ['text' => $later])->assertOk();
        self::assertSame([90, 172], Service::held()->pluck('covers')->all());
    }

    public function test_a_recurrence_without_an_end_ends_here_and_daylight_saving_moves_no_dinner(): void
    {
        Settings::store(['timezone' => 'Europe/Dublin'], null);
        $rows = $this->api('POST', '/plan/book', ['text' => self::ics(
            "UID:d\r\nDTSTART;TZID=Europe/Dublin:20260904T190000\r\nRRULE:FREQ=WEEKLY\r\nSUMMARY:Dinner\\, 80 covers",
        )])->assertOk()->json();
        self::assertGreaterThan(10, count((array) $rows));
        self::assertLessThan(16, count((array) $rows));
        self::assertSame(['19:00'], array_values(array_unique((array) data_get($rows, '*.at'))));
    }

    public function test_a_table_is_read_row_by_row_and_what_is_no_service_says_why(): void
    {
        $csv = "date;time;event;guests\n27.11.2026;19:00;Dinner;84\n2026-11-28;19.30;;92\n".
            "11/29/2026;19:00;Lunch;50\n2026-11-30;late;Lunch;50\n2026-12-01;12:30;Lunch;some\n".
            "2026-12-02;12:30;Lunch;100000\n2026-11-01;19:00;Dinner;70\n";
        $rows = $this->api('POST', '/plan/book', ['text' => $csv])->assertOk()->json();
        $faults = array_filter((array) data_get($rows, '*.fault'));
        sort($faults);
        self::assertSame(['no-covers', 'no-day', 'no-hour', 'too-many'], $faults);
        self::assertContains('past', (array) data_get($rows, '*.becomes'));
        $this->api('PUT', '/plan/book/'.self::id(), ['text' => $csv])->assertOk();
        self::assertSame([84, 92], Service::held()->pluck('covers')->all());
        foreach (['no table at all', 'BEGIN:VCALENDAR and no more', "\xFF\xFE\x00"] as $bad) {
            $text = mb_check_encoding($bad, 'UTF-8') ? $bad : 'a;b';
            $this->api('POST', '/plan/book', ['text' => $text])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', '/text');
        }
    }

    public function test_the_services_are_read_by_a_calendar_until_its_address_is_revoked(): void
    {
        $this->service(self::id(), ['dishes' => [['dish' => $this->hake(), 'share_pct' => 35]]])->assertOk();
        $this->api('GET', '/plan/calendar')->assertOk()->assertJsonPath('address', null);
        $first = $this->api('PUT', '/plan/calendar/'.self::id())->assertOk()->json('address');
        self::assertIsString($first);
        $ics = (string) $this->get($first)->assertOk()->getContent();
        self::assertStringContainsString('SUMMARY:Dinner\, 120 guests', $ics);
        $second = $this->api('PUT', '/plan/calendar/'.self::id())->json('address');
        self::assertIsString($second);
        $this->get($first)->assertNotFound();
        $this->get($second)->assertOk();
        $this->api('PUT', '/plan/calendar-ended')->assertOk()->assertJsonPath('address', null);
        $this->get($second)->assertNotFound();
    }

    /** @return iterable<string, array{string}> */
    public static function rules(): iterable
    {
        foreach ([
            'FREQ=DAILY',
            'FREQ=DAILY;INTERVAL=3',
            'FREQ=DAILY;COUNT=100',
            'FREQ=DAILY;BYDAY=TH,FR,SA',
            'FREQ=WEEKLY',
            'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH,SU;WKST=MO',
            'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH,SU;WKST=SU',
            'FREQ=WEEKLY;BYDAY=FR,SA;COUNT=40',
            'FREQ=WEEKLY;UNTIL=20261218T235959Z',
            'FREQ=MONTHLY',
            'FREQ=MONTHLY;BYMONTHDAY=-1',
            'FREQ=MONTHLY;BYMONTHDAY=15,31',
            'FREQ=MONTHLY;BYDAY=1FR,-1SA',
            'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1',
            'FREQ=MONTHLY;INTERVAL=2;BYDAY=2TH',
            'FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=24',
            'FREQ=YEARLY;BYMONTH=11,12;BYDAY=4TH',
            'FREQ=YEARLY',
        ] as $rule) {
            yield $rule => [$rule];
        }
    }

    #[DataProvider('rules')]
    public function test_a_recurrence_falls_on_the_days_the_package_says(string $rule): void
    {
        Settings::store(['timezone' => 'Europe/Dublin'], null);
        $begins = 'DTSTART;TZID=Europe/Dublin:20260903T190000';
        $text = self::ics("UID:d\r\n{$begins}\r\nRRULE:{$rule}\r\nSUMMARY:Dinner\, 8 covers");
        $read = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $read);
        $days = [];
        $from = CarbonImmutable::parse('2026-11-25', 'Europe/Dublin');
        foreach ($read->expand($from, $from->addDays(90), $from->getTimezone())->select('VEVENT') as $event) {
            $days[] = data_get($event, 'DTSTART')->getDateTime()->setTimezone($from->getTimezone())->format('D j M');
        }
        $rows = $this->api('POST', '/plan/book', ['text' => $text])->assertOk()->json();
        self::assertSame($days, data_get($rows, '*.day'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function endless(): iterable
    {
        $of = fn (string $rule, string $start = '20260903T190000'): string => "DTSTART:{$start}\r\nRRULE:{$rule}";
        yield '30 February' => [$of('FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'), 'never comes'];
        yield 'hour 25' => [$of('FREQ=DAILY;BYHOUR=25'), 'is not read'];
        yield 'every 0' => [$of('FREQ=DAILY;INTERVAL=0'), 'is not read'];
        yield 'the 400th of a month' => [$of('FREQ=MONTHLY;BYDAY=MO;BYSETPOS=400'), 'is not read'];
        yield 'a year of 400 days' => [$of('FREQ=YEARLY;BYYEARDAY=400'), 'is not read'];
        yield 'by the second' => [$of('FREQ=SECONDLY'), 'is not read'];
        yield 'from the year one' => [$of('FREQ=DAILY;COUNT=9999', '00010101T190000'), 'too long ago'];
        yield 'a day that is none' => [$of('FREQ=DAILY', '20269999T190000'), 'cannot be read'];
        yield 'no rule' => [$of('X'), 'cannot be read'];
    }

    #[DataProvider('endless')]
    public function test_a_recurrence_that_never_ends_or_never_comes_is_refused(string $event, string $why): void
    {
        $answer = $this->api('POST', '/plan/book', ['text' => self::ics("UID:x\r\n{$event}\r\nSUMMARY:Feast")]);
        $answer->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
        self::assertStringContainsString($why, (string) $answer->json('detail'));
    }

    public function test_thousands_of_recurring_events_are_looked_at_for_seconds_at_most(): void
    {
        $events = array_map(
            fn (int $i): string => "UID:e{$i}\r\nDTSTART:20200101T190000\r\nRRULE:FREQ=DAILY;COUNT=9999;BYMONTHDAY=31",
            range(1, 2000),
        );
        $this->api('POST', '/plan/book', ['text' => self::ics(...$events)])->assertStatus(422);
    }

    public function test_a_book_is_read_for_the_head_chef_alone(): void
    {
        $this->actingAs($this->cutter);
        $this->api('POST', '/plan/book', ['text' => self::ics('UID:x')])->assertForbidden();
    }
}
