<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

use DateTimeImmutable;
use DateTimeZone;
use Sectum\Message;
use Sectum\Plan\BadPlan;

/**
 * The days on which a recurring event of a calendar falls (RFC 5545, 3.3.10), asked day by day.
 *
 * Each day is held against the rule by itself, so that a rule that never comes costs no more than one that does. Read
 * are rules of whole days: by day, week, month or year, with BYDAY, BYMONTHDAY, BYMONTH, BYSETPOS, INTERVAL, COUNT,
 * UNTIL and WKST. All moments are calendar days of the event's own time zone; hours are not looked at.
 */
final readonly class Recurrence
{
    /** Days that are looked at for one event. */
    private const MOST_DAYS = 25_000;

    private const MOST_INTERVAL = 1000;

    private const WEEKDAYS = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];

    private const DAYS_OF_MONTH = [1 => 31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /**
     * @param  list<int>  $months
     * @param  list<int>  $monthDays  from the end where negative
     * @param  list<array{int, int}>  $weekdays  which of them (0: each), and its number, Monday 1
     * @param  list<int>  $positions  among the days of a week, month or year; from the end where negative
     */
    private function __construct(
        private DateTimeImmutable $first,
        private string $every,
        private int $interval,
        private array $months,
        private array $monthDays,
        private array $weekdays,
        private array $positions,
        private int $weekStart,
        private ?int $count,
        private ?DateTimeImmutable $until,
    ) {
    }

    /**
     * @param  array<string, string>  $parts  of the rule, by their names in upper case
     * @param  string  $name  what the event is called, for a refusal
     *
     * @throws BadPlan when the rule is not read here, or never comes
     */
    public static function of(array $parts, DateTimeImmutable $first, string $name): self
    {
        $bad = fn (RecurrenceSays $why): BadPlan => new BadPlan(new Message($why, ['name' => $name]), $parts, '/text');
        $known = ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'BYDAY', 'BYMONTHDAY', 'BYMONTH', 'BYSETPOS', 'WKST'];
        $every = strtoupper($parts['FREQ'] ?? '');
        if (
            array_diff(array_keys($parts), $known) !== [] ||
            ! in_array($every, ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'], true)
        ) {
            throw $bad(RecurrenceSays::NotRead);
        }
        $numbers = function (string $part, int $most, bool $fromEnd) use ($parts, $bad): array {
            $all = [];
            foreach (($parts[$part] ?? '') === '' ? [] : explode(',', $parts[$part]) as $one) {
                $number = preg_match('/^[+-]?\d{1,4}$/D', $one) === 1 ? (int) $one : 0;
                if ($number === 0 || abs($number) > $most || ($number < 0 && ! $fromEnd)) {
                    throw $bad(RecurrenceSays::NotRead);
                }
                $all[] = $number;
            }

            return $all;
        };
        $weekdays = [];
        foreach (($parts['BYDAY'] ?? '') === '' ? [] : explode(',', strtoupper($parts['BYDAY'])) as $one) {
            if (preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/D', $one, $found) !== 1) {
                throw $bad(RecurrenceSays::NotRead);
            }
            $which = (int) $found[1];
            if (($found[1] !== '' && $which === 0) || abs($which) > 53 || ($which !== 0 && $every[0] < 'M')) {
                throw $bad(RecurrenceSays::NotRead);
            }
            $weekdays[] = [$which, self::WEEKDAYS[$found[2]]];
        }
        $months = $numbers('BYMONTH', 12, false);
        $monthDays = $numbers('BYMONTHDAY', 31, true);
        $positions = $numbers('BYSETPOS', 366, true);
        $interval = $numbers('INTERVAL', self::MOST_INTERVAL, false);
        $count = $numbers('COUNT', 9999, false);
        $until = null;
        if (isset($parts['UNTIL'])) {
            $until = self::end(strtoupper($parts['UNTIL']), $first) ?? throw $bad(RecurrenceSays::NotRead);
        }
        if (
            ($monthDays !== [] && $every === 'WEEKLY') ||
            ($positions !== [] && ($weekdays === [] && $monthDays === [] || $every === 'DAILY'))
        ) {
            throw $bad(RecurrenceSays::NotRead);
        }
        $longest = $months === [] ? 31 : max(array_map(fn (int $m): int => self::DAYS_OF_MONTH[$m] ?? 31, $months));
        if ($monthDays !== [] && min(array_map(abs(...), $monthDays)) > $longest) {
            throw $bad(RecurrenceSays::Never);
        }

        return new self(
            $first,
            $every,
            $interval[0] ?? 1,
            $months,
            $monthDays,
            $weekdays,
            $positions,
            self::WEEKDAYS[strtoupper($parts['WKST'] ?? 'MO')] ?? throw $bad(RecurrenceSays::NotRead),
            $count[0] ?? null,
            $until,
        );
    }

    /** Days that are looked at to say which of a stretch it falls on. */
    public function work(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        return max(0, (int) $this->begin($from)->diff($to)->format('%r%a'));
    }

    /**
     * @return list<string> days of a stretch, both ends included, as 2026-11-27
     *
     * @throws BadPlan when it began too long before
     */
    public function between(DateTimeImmutable $from, DateTimeImmutable $to, string $name): array
    {
        if ($this->work($from, $to) > self::MOST_DAYS) {
            throw new BadPlan(new Message(RecurrenceSays::TooLong, ['name' => $name]), $name, '/text');
        }
        [$begins, $ends] = [$from->format('Y-m-d'), $to->format('Y-m-d')];
        $all = $set = [];
        $period = null;
        $times = 0;
        for ($day = $this->begin($from); $day->format('Y-m-d') <= $ends; $day = $day->modify('+1 day')) {
            if ($this->until !== null && $day > $this->until || $this->count !== null && $times >= $this->count) {
                break;
            }
            $falls = $this->turn($day) % $this->interval === 0 && $this->matches($day);
            if ($falls && $this->positions !== []) {
                if ($period !== $this->turn($day)) {
                    $period = $this->turn($day);
                    $set = $this->period($day);
                }
                $falls = in_array($day->format('Y-m-d'), $set, true);
            }
            if ($falls || $day->format('Ymd') === $this->first->format('Ymd')) {
                $times++;
                if ($day->format('Y-m-d') >= $begins) {
                    $all[] = $day->format('Y-m-d');
                }
            }
        }

        return $all;
    }

    /** Which of a number of times a day is has to be counted from the first. */
    private function begin(DateTimeImmutable $from): DateTimeImmutable
    {
        $then = new DateTimeImmutable(
            $from->format('Y-m-d').$this->first->format(' H:i:s'),
            $this->first->getTimezone(),
        );

        return $this->count === null ? max($then, $this->first) : $this->first;
    }

    /** The last moment of UNTIL: a day of the event's own zone, or a moment of its own or of UTC. */
    private static function end(string $until, DateTimeImmutable $first): ?DateTimeImmutable
    {
        $zone = str_ends_with($until, 'Z') ? new DateTimeZone('UTC') : $first->getTimezone();
        $read = strlen($until) === 8
            ? DateTimeImmutable::createFromFormat('!Ymd His', $until.' 235959', $zone)
            : DateTimeImmutable::createFromFormat('!Ymd\THis', rtrim($until, 'Z'), $zone);

        return $read === false ? null : $read;
    }

    /** How many days, weeks, months or years it is after the first. */
    private function turn(DateTimeImmutable $day): int
    {
        $days = fn (DateTimeImmutable $one): int => (int) floor(
            ((int) $one->format('U') + (int) $one->format('Z')) / 86_400,
        );
        $months = fn (DateTimeImmutable $one): int => 12 * (int) $one->format('Y') + (int) $one->format('n');
        // 1 January 1970 was a Thursday, the fourth day of its week.
        $weeks = fn (DateTimeImmutable $one): int => intdiv($days($one) + 11 - $this->weekStart, 7);

        return match ($this->every) {
            'DAILY' => $days($day) - $days($this->first),
            'WEEKLY' => $weeks($day) - $weeks($this->first),
            'MONTHLY' => $months($day) - $months($this->first),
            default => (int) $day->format('Y') - (int) $this->first->format('Y'),
        };
    }

    private function matches(DateTimeImmutable $day): bool
    {
        [$month, $date, $length] = array_map(intval(...), explode(' ', $day->format('n j t')));
        if ($this->months !== [] && ! in_array($month, $this->months, true)) {
            return false;
        }
        if ($this->monthDays !== [] && array_intersect($this->monthDays, [$date, $date - $length - 1]) === []) {
            return false;
        }
        if ($this->weekdays !== []) {
            return $this->isWeekday($day, $date, $length);
        }
        if ($this->monthDays !== [] || $this->every === 'DAILY') {
            return true;
        }

        return match ($this->every) {
            'WEEKLY' => $day->format('N') === $this->first->format('N'),
            'MONTHLY' => $day->format('j') === $this->first->format('j'),
            default => $day->format('j') === $this->first->format('j') &&
                ($this->months !== [] || $day->format('n') === $this->first->format('n')),
        };
    }

    private function isWeekday(DateTimeImmutable $day, int $date, int $length): bool
    {
        if ($this->every === 'YEARLY' && $this->months === []) {
            [$date, $length] = [(int) $day->format('z') + 1, 365 + (int) $day->format('L')];
        }
        $nth = [0, intdiv($date - 1, 7) + 1, -intdiv($length - $date, 7) - 1];
        foreach ($this->weekdays as [$which, $weekday]) {
            if ($weekday === (int) $day->format('N') && in_array($which, $nth, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the days of its week, month or year that the rule names by their place */
    private function period(DateTimeImmutable $day): array
    {
        $back = ((int) $day->format('N') - $this->weekStart + 7) % 7;
        [$first, $count] = match ($this->every) {
            'WEEKLY' => [$day->modify("-{$back} days"), 7],
            'MONTHLY' => [$day->modify('first day of this month'), (int) $day->format('t')],
            default => [$day->modify('1 January'), 365 + (int) $day->format('L')],
        };
        $all = array_map(fn (int $i): DateTimeImmutable => $first->modify("+{$i} days"), range(0, $count - 1));
        $set = array_values(array_filter($all, $this->matches(...)));
        $named = [];
        foreach ($this->positions as $position) {
            $one = $set[$position > 0 ? $position - 1 : count($set) + $position] ?? null;
            if ($one !== null) {
                $named[] = $one->format('Y-m-d');
            }
        }

        return $named;
    }
}
