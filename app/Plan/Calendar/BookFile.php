<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Contract\Fault;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as DateTimeProperty;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Recur\NoInstancesException;
use Sectum\Plan\Service\Booking;
use Sectum\Plan\Service\ServiceKind;

/** A book as it is handed in: an iCalendar file of any calendar, or a table of services with their covers. */
final readonly class BookFile
{
    /** Days ahead that are read: a recurrence without an end ends here. */
    private const DAYS = 90;

    private const MOST = 400;

    /** ", 160 guests" behind a name. */
    private const GUESTS_AT_END = '/[,;:(\-\s]*\d{1,6}\s*(?:guests?|covers?|people|persons?|pax)\)?\s*$/iu';

    private const COLUMNS = [
        'day' => ['day', 'date'],
        'at' => ['time', 'at', 'hour', 'start'],
        'name' => ['name', 'service', 'event', 'title'],
        'covers' => ['covers', 'guests', 'pax'],
        'kind' => ['kind', 'type'],
    ];

    /**
     * @return list<Booking> from a day on, in order of time
     *
     * @throws Fault when it is neither
     */
    public static function read(string $text, DateTimeImmutable $from, DateTimeZone $zone): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        mb_check_encoding($text, 'UTF-8') || throw Fault::inField('/text', 'This file is not written in UTF-8.');
        $all = str_starts_with(ltrim($text), 'BEGIN:VCALENDAR')
            ? self::calendar($text, $from, $zone)
            : self::table($text);
        usort($all, fn (Booking $a, Booking $b): int => [$a->day, $a->at] <=> [$b->day, $b->at]);
        count($all) <= self::MOST ||
            throw Fault::inField('/text', 'There are more than 400 services in it. Hand in a shorter stretch.');

        return $all;
    }

    /** @return list<Booking> */
    private static function calendar(string $text, DateTimeImmutable $from, DateTimeZone $zone): array
    {
        try {
            $read = Reader::read($text, Reader::OPTION_FORGIVING);
            $read instanceof VCalendar || throw Fault::inField('/text', 'This is no calendar.');
            $until = $from->modify('+'.self::DAYS.' days');
            $expanded = $read->expand($from, $until, $zone);
        } catch (ParseException|NoInstancesException|MaxInstancesExceededException) {
            throw Fault::inField('/text', 'This calendar cannot be read. Export it again, and hand in that file.');
        }
        $all = [];
        foreach ($expanded->select('VEVENT') as $event) {
            if ($event instanceof VEvent) {
                $all[] = self::event($event, $zone);
            }
        }

        return $all;
    }

    private static function event(VEvent $event, DateTimeZone $zone): Booking
    {
        $text = function (string $name) use ($event): string {
            $property = $event->select($name)[0] ?? null;

            return $property instanceof Property ? trim((string) $property) : '';
        };
        $start = $event->select('DTSTART')[0] ?? null;
        $begins = $start instanceof DateTimeProperty
            ? $start->getDateTime($zone)->setTimezone($zone)
            : null;
        $hasHour = $start instanceof DateTimeProperty && $start->hasTime();
        $name = trim((string) preg_replace(self::GUESTS_AT_END, '', $text('SUMMARY')));

        return Booking::of(
            'ics:'.hash('xxh128', $text('UID').' '.($begins?->format('Y-m-d') ?? '')),
            $begins?->format('Y-m-d') ?? '',
            $hasHour ? $begins?->format('H:i') ?? '' : '',
            $name,
            Booking::guestsIn($text('SUMMARY')) ?? Booking::guestsIn($text('DESCRIPTION')),
            ServiceKind::Banquet,
            strtoupper($text('STATUS')) === 'CANCELLED',
        );
    }

    /** @return list<Booking> */
    private static function table(string $text): array
    {
        $lines = array_values(array_filter(
            (array) preg_split('/\R/', trim($text)),
            fn (mixed $line): bool => is_string($line) && trim($line) !== '',
        ));
        $first = $lines[0] ?? '';
        $separator = substr_count($first, ';') >= substr_count($first, ',') && str_contains($first, ';') ? ';' : ',';
        $cells = fn (string $line): array => array_map(
            fn (?string $cell): string => trim((string) $cell),
            str_getcsv($line, $separator, '"', ''),
        );
        $heads = array_map(strtolower(...), $cells($first));
        $place = [];
        foreach (self::COLUMNS as $column => $names) {
            foreach ($names as $name) {
                $at = array_search($name, $heads, true);
                $place[$column] ??= is_int($at) ? $at : null;
            }
        }
        isset($place['day'], $place['at'], $place['covers']) ||
            throw Fault::inField('/text', 'The first line names the columns: day, time, name, covers.');
        $all = [];
        foreach (array_slice($lines, 1) as $line) {
            $row = $cells($line);
            $of = fn (string $column): string => $place[$column] === null ? '' : $row[$place[$column]] ?? '';
            [$day, $hour] = [Booking::day($of('day')), Booking::hour($of('at'))];
            $name = $of('name') === '' ? 'Dinner' : $of('name');
            $all[] = Booking::of(
                'csv:'.hash('xxh128', "{$day} {$hour} {$name}"),
                $day,
                $hour,
                $name,
                preg_match('/^-?\d{1,7}$/', $of('covers')) === 1 ? (int) $of('covers') : null,
                ServiceKind::tryFrom(strtolower($of('kind'))) ?? ServiceKind::DiningRoom,
            );
        }

        return $all;
    }
}
