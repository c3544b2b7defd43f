<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Contract\Fault;
use App\Kitchen\Database\Trouble;
use App\Kitchen\Format\Words;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as DateTimeProperty;
use Sabre\VObject\Reader;
use Sectum\Message;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Service\Booking;
use Sectum\Plan\Service\Recurrence;
use Sectum\Plan\Service\RecurrenceSays;
use Sectum\Plan\Service\ServiceKind;
use Sectum\Refusal;
use Throwable;

/** A book as it is handed in: an iCalendar file of any calendar, or a table of services with their covers. */
final readonly class BookFile
{
    /** Days ahead that are read: a recurrence without an end ends here. */
    private const DAYS = 90;

    private const MOST = 400;

    /** Days that are looked at for all recurring events of a file: some two seconds. */
    private const MOST_WORK = 300_000;

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
            $until = $from->modify('+'.(self::DAYS - 1).' days');
            $all = [];
            $instead = self::changed($read, $zone);
            $work = 0;
            foreach ($read->select('VEVENT') as $event) {
                if (! $event instanceof VEvent) {
                    continue;
                }
                $start = self::start($event);
                if ($start === null || self::property($event, 'RECURRENCE-ID') !== null) {
                    $all[] = self::event($event, $start?->getDateTime($zone), $zone);

                    continue;
                }
                $moment = $start->getDateTime($zone);
                $days = self::days($event, $moment, $from, $until, $work);
                foreach ($days as $day) {
                    $on = new DateTimeImmutable($day.$moment->format(' H:i:s'), $moment->getTimezone());
                    if (! in_array(self::text($event, 'UID').' '.$on->getTimestamp(), $instead, true)) {
                        $all[] = self::event($event, $on, $zone);
                    }
                }
            }
        } catch (Refusal|Fault $known) {
            throw $known instanceof Refusal ? Fault::inField('/text', Words::refused($known)) : $known;
        } catch (Throwable $e) {
            // What the package says of a file it cannot read, whatever it is.
            Trouble::of($e) === null || throw $e;

            throw Fault::inField('/text', 'This calendar cannot be read. Export it again, and hand in that file.');
        }

        return array_values(array_filter(
            $all,
            fn (Booking $one): bool => $one->day === '' ||
                ($one->day >= $from->format('Y-m-d') && $one->day <= $until->format('Y-m-d')),
        ));
    }

    /**
     * The days it falls on, those taken out of it left out.
     *
     * @param  int  $work  days looked at for all events so far
     * @return list<string>
     */
    private static function days(
        VEvent $event,
        DateTimeImmutable $moment,
        DateTimeImmutable $from,
        DateTimeImmutable $until,
        int &$work,
    ): array {
        $parts = self::property($event, 'RRULE')?->getParts();
        $name = self::text($event, 'SUMMARY');
        $days = [$moment->format('Y-m-d')];
        if ($parts !== null) {
            $rule = [];
            foreach ($parts as $key => $value) {
                $rule[strtoupper((string) $key)] = implode(',', array_map(
                    fn (mixed $one): string => is_scalar($one) ? (string) $one : '',
                    (array) $value,
                ));
            }
            $recurs = Recurrence::of($rule, $moment, $name);
            $work += $recurs->work($from, $until);
            $work <= self::MOST_WORK ||
                throw new BadPlan(new Message(RecurrenceSays::TooLong, ['name' => $name]), $name, '/text');
            $days = $recurs->between($from, $until, $name);
        }
        $listed = fn (string $name): array => array_merge(...array_map(
            fn (mixed $one): array => $one instanceof DateTimeProperty
                ? array_map(
                    fn (DateTimeInterface $at): string => DateTimeImmutable::createFromInterface($at)
                        ->setTimezone($moment->getTimezone())
                        ->format('Y-m-d'),
                    $one->getDateTimes($moment->getTimezone()),
                )
                : [],
            array_values($event->select($name)),
        ));

        return array_values(array_unique(array_diff([...$days, ...$listed('RDATE')], $listed('EXDATE'))));
    }

    /** @return list<string> the times of recurring events in whose place another stands: UID and moment */
    private static function changed(VCalendar $calendar, DateTimeZone $zone): array
    {
        $all = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $of = $event instanceof VEvent ? self::property($event, 'RECURRENCE-ID') : null;
            if ($event instanceof VEvent && $of instanceof DateTimeProperty) {
                $all[] = self::text($event, 'UID').' '.$of->getDateTime($zone)->getTimestamp();
            }
        }

        return $all;
    }

    private static function property(VEvent $event, string $name): ?Property
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? $property : null;
    }

    private static function text(VEvent $event, string $name): string
    {
        return trim((string) self::property($event, $name));
    }

    private static function start(VEvent $event): ?DateTimeProperty
    {
        $start = self::property($event, 'DTSTART');

        return $start instanceof DateTimeProperty ? $start : null;
    }

    private static function event(VEvent $event, ?DateTimeImmutable $at, DateTimeZone $zone): Booking
    {
        $text = fn (string $name): string => self::text($event, $name);
        $begins = $at?->setTimezone($zone);
        $hasHour = self::start($event)?->hasTime() === true;
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
