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
        return $this->stretch($said)[0] ?? null;
    }

    /** The last day of it. */
    public function last(string $said): ?DateTimeImmutable
    {
        return $this->stretch($said)[1] ?? null;
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null first and last day */
    private function stretch(string $said): ?array
    {
        $today = $this->today->setTime(0, 0);
        $monday = $today->modify('-'.((int) $today->format('N') - 1).' days');
        $month = $today->modify('first day of this month');
        $year = $today->setDate((int) $today->format('Y'), 1, 1);

        return match (true) {
            $said === 'today' => [$today, $today],
            $said === 'yesterday' => [$today->modify('-1 day'), $today->modify('-1 day')],
            $said === 'this week' => [$monday, $today],
            $said === 'last week' => [$monday->modify('-7 days'), $monday->modify('-1 day')],
            $said === 'this month' => [$month, $today],
            $said === 'last month' => [$month->modify('-1 month'), $month->modify('-1 day')],
            $said === 'this year' => [$year, $today],
            $said === 'last year' => [$year->modify('-1 year'), $year->modify('-1 day')],
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
            preg_match('/^\d{4}$/', $said) === 1 => [
                $year->setDate((int) $said, 1, 1),
                $year->setDate((int) $said, 12, 31),
            ],
            in_array(substr($said, 0, 3), self::WEEKDAYS, true) => $this->weekday(substr($said, 0, 3)),
            preg_match('/^([a-z]{3})[a-z]*(?: (\d{4}))?$/', $said, $m) === 1 => $this->wholeMonth(
                self::month($m[1]),
                isset($m[2]) ? (int) $m[2] : null,
            ),
            default => null,
        };
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null */
    private function date(int $year, int $month, int $day): ?array
    {
        $date = $this->today->setTime(0, 0)->setDate($year, $month, $day);

        return checkdate($month, $day, $year) ? [$date, $date] : null;
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null the latest such day that is not ahead */
    private function dayOf(int $day, int $month, ?int $year): ?array
    {
        $thisYear = (int) $this->today->format('Y');
        $date = $this->date($year ?? $thisYear, $month, $day);

        return $date !== null && $year === null && $date[0] > $this->today
            ? $this->date($thisYear - 1, $month, $day)
            : $date;
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} the latest such month that has begun */
    private function wholeMonth(int $month, ?int $year): array
    {
        $thisYear = (int) $this->today->format('Y');
        $begins = $this->today->setTime(0, 0)->setDate($year ?? $thisYear, $month, 1);
        $begins = $year === null && $begins > $this->today ? $begins->setDate($thisYear - 1, $month, 1) : $begins;

        return [$begins, $begins->modify('last day of this month')];
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} the latest such day, today among them */
    private function weekday(string $name): array
    {
        $back = ((int) $this->today->format('N') - 1 - (int) array_search($name, self::WEEKDAYS, true) + 7) % 7;
        $day = $this->today->setTime(0, 0)->modify("-{$back} days");

        return [$day, $day];
    }

    private static function month(string $name): int
    {
        return 1 + (int) array_search($name, self::MONTHS, true);
    }
}
