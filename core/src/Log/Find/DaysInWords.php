<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use DateTimeImmutable;

/** Days as they are said: "yesterday", "last week", "October", "3 Nov", "2026-10-01", "Monday". */
final readonly class DaysInWords
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const MONTH =
        '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|'.
        'oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)';

    /** What a day or a stretch of days looks like; lower case. */
    public const PATTERN =
        '(?:today|yesterday|(?:this|last) (?:week|month|year)|\d{4}-\d{2}-\d{2}|\d{1,2} '.
        self::MONTH.
        '(?: \d{4})?|'.
        self::MONTH.
        '(?: \d{4})?|\d{4}|mon(?:day)?|tue(?:sday)?|wed(?:nesday)?|thu(?:rsday)?|fri(?:day)?|sat(?:urday)?|'.
        'sun(?:day)?)';

    public function __construct(private DateTimeImmutable $today)
    {
    }

    /** The first day of it; null when there is no such day. */
    public function first(string $said): ?DateTimeImmutable
    {
        return $this->stretch($said)?->first;
    }

    /** The last day of it. */
    public function last(string $said): ?DateTimeImmutable
    {
        return $this->stretch($said)?->last;
    }

    private function stretch(string $said): ?Stretch
    {
        $today = $this->today->setTime(0, 0);
        $monday = $today->modify('-'.((int) $today->format('N') - 1).' days');
        $month = $today->modify('first day of this month');
        $year = $today->setDate((int) $today->format('Y'), 1, 1);

        return match (true) {
            $said === 'today' => Stretch::of($today),
            $said === 'yesterday' => Stretch::of($today->modify('-1 day')),
            $said === 'this week' => new Stretch($monday, $today),
            $said === 'last week' => new Stretch($monday->modify('-7 days'), $monday->modify('-1 day')),
            $said === 'this month' => new Stretch($month, $today),
            $said === 'last month' => new Stretch($month->modify('-1 month'), $month->modify('-1 day')),
            $said === 'this year' => new Stretch($year, $today),
            $said === 'last year' => new Stretch($year->modify('-1 year'), $year->modify('-1 day')),
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $said, $m) === 1 => $this->date(
                (int) $m[1],
                (int) $m[2],
                (int) $m[3],
            ),
            preg_match('/^(\d{1,2}) ([a-z]{3})[a-z]*(?: (\d{4}))?$/', $said, $m) === 1 => $this->dayOf(
                (int) $m[1],
                self::month($m[2]),
                isset($m[3]) ? (int) $m[3] : null,
            ),
            preg_match('/^\d{4}$/', $said) === 1 => new Stretch(
                $year->setDate((int) $said, 1, 1),
                $year->setDate((int) $said, 12, 31),
            ),
            in_array(substr($said, 0, 3), self::WEEKDAYS, true) => $this->weekday(substr($said, 0, 3)),
            preg_match('/^([a-z]{3})[a-z]*(?: (\d{4}))?$/', $said, $m) === 1 => $this->wholeMonth(
                self::month($m[1]),
                isset($m[2]) ? (int) $m[2] : null,
            ),
            default => null,
        };
    }

    private function date(int $year, int $month, int $day): ?Stretch
    {
        $date = $this->today->setTime(0, 0)->setDate($year, $month, $day);

        return checkdate($month, $day, $year) ? Stretch::of($date) : null;
    }

    /** The latest such day that is not ahead. */
    private function dayOf(int $day, int $month, ?int $year): ?Stretch
    {
        $thisYear = (int) $this->today->format('Y');
        $date = $this->date($year ?? $thisYear, $month, $day);

        return $date !== null && $year === null && $date->first > $this->today
            ? $this->date($thisYear - 1, $month, $day)
            : $date;
    }

    /** The latest such month that has begun. */
    private function wholeMonth(int $month, ?int $year): Stretch
    {
        $thisYear = (int) $this->today->format('Y');
        $begins = $this->today->setTime(0, 0)->setDate($year ?? $thisYear, $month, 1);
        $begins = $year === null && $begins > $this->today ? $begins->setDate($thisYear - 1, $month, 1) : $begins;

        return new Stretch($begins, $begins->modify('last day of this month'));
    }

    /** The latest such day, today among them. */
    private function weekday(string $name): Stretch
    {
        $back = ((int) $this->today->format('N') - 1 - (int) array_search($name, self::WEEKDAYS, true) + 7) % 7;

        return Stretch::of($this->today->setTime(0, 0)->modify("-{$back} days"));
    }

    private static function month(string $name): int
    {
        return 1 + (int) array_search($name, self::MONTHS, true);
    }
}
