<?php

declare(strict_types=1);

namespace Sectum\Hold\Logger;

use DateTimeImmutable;
use DateTimeZone;
use Sectum\Hold\BadHold;
use Sectum\Measure\Temperature;

/** How the rows of a logger's file are read: which column is what, how it writes numbers, days and its clock. */
final readonly class LoggerMap
{
    private const SEPARATORS = [';', "\t", ','];

    private const TIME = '/time|zeit|heure|hora|clock|stamp/i';

    private const DATE = '/date|datum|day|fecha/i';

    private const CORE = '/core|kern|product|food|internal|insert|coeur/i';

    private const AIR = '/air|room|chamber|ambient|cabinet|raum|luft|temp|°|celsius|fahrenheit|channel|probe/i';

    /**
     * @param  int  $time  column of the time, or of date and time together
     * @param  int|null  $date  column of the date where it stands by itself
     * @param  bool  $comma  whether the decimal mark is a comma
     *
     * @throws BadHold when no column holds a temperature
     */
    public function __construct(
        public string $separator,
        public int $time,
        public ?int $date,
        public ?int $air,
        public ?int $core,
        public DateOrder $dates,
        public bool $comma,
        public bool $fahrenheit,
        public DateTimeZone $zone,
    ) {
        in_array($separator, self::SEPARATORS, true) ||
            throw new BadHold('Cells are parted by a comma, a semicolon or a tab.', $separator, '/separator');
        ($air !== null || $core !== null) ||
            throw new BadHold('Choose the column of the air or of the core.', '', '/air');
        $air !== $core || throw new BadHold('Air and core stand in two columns.', $air ?? 0, '/core');
    }

    /**
     * What a file most likely means, by its header and its first rows.
     *
     * @param  non-empty-list<string>  $lines  the header first
     *
     * @throws BadHold when nothing in it looks like a temperature
     */
    public static function guess(array $lines, DateTimeZone $zone): self
    {
        $separator = self::separator($lines[0]);
        $headers = self::cells($lines[0], $separator);
        $rows = array_map(fn (string $line): array => self::cells($line, $separator), array_slice($lines, 1));
        $date = self::columns(self::DATE, $headers)[0] ?? null;
        $time = array_values(array_diff(self::columns(self::TIME, $headers), [$date]))[0] ?? null;
        [$time, $date] = $time === null ? [$date ?? 0, null] : [$time, $date];
        $core = self::columns(self::CORE, $headers)[0] ?? null;
        $air = array_values(array_diff(self::columns(self::AIR, $headers), [$time, $date, $core]))[0] ?? null;
        $read = array_flip(array_filter([$air, $core], is_int(...)));
        $cells = array_merge(...array_map(
            fn (array $row): array => array_values(array_intersect_key($row, $read)),
            $rows,
        ));

        return new self(
            $separator,
            $time,
            $date,
            $air,
            $core,
            self::order(array_map(fn (array $row): string => $row[$date ?? $time] ?? '', $rows)),
            preg_grep('/^\s*[-−+]?\d+,\d+/u', $cells) !== [],
            preg_match('/°\s*f\b|\(f\)|fahrenheit/i', $lines[0]) === 1,
            $zone,
        );
    }

    /**
     * @param  list<string>  $headers
     * @return list<int> the columns whose header says so
     */
    private static function columns(string $says, array $headers): array
    {
        return array_keys(array_filter($headers, fn (string $header): bool => preg_match($says, $header) === 1));
    }

    /** @return list<string> */
    public static function cells(string $line, string $separator): array
    {
        return array_map(fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', ''));
    }

    /** The separator a header line has most of. */
    public static function separator(string $header): string
    {
        $counts = array_map(fn (string $one): int => substr_count($header, $one), self::SEPARATORS);

        return self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }

    /**
     * One row; an empty cell is silence.
     *
     * @throws BadRow when it is not taken, and why
     */
    public function row(string $line): Sample
    {
        $cells = self::cells($line, $this->separator);
        isset($cells[$this->time]) || throw BadRow::that(RowFault::Columns, $line);

        return new Sample(
            $this->moment($cells),
            $this->temperature($cells, $this->air),
            $this->temperature($cells, $this->core),
        );
    }

    /** @param  list<string>  $cells */
    private function moment(array $cells): int
    {
        $said = trim(($this->date === null ? '' : ($cells[$this->date] ?? '').' ').$cells[$this->time]);
        if ($this->dates === DateOrder::Seconds) {
            return preg_match('/^\d{9,11}$/', $said) === 1
                ? (int) $said
                : throw BadRow::that(RowFault::NoTime, $said);
        }
        $is = preg_match(
            '#^(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})[T ,]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?\s*([AaPp][Mm])?\s*'.
                '(Z|[+-]\d{2}:?\d{2})?$#',
            $said,
            $m,
        );
        $is === 1 || throw BadRow::that(RowFault::NoTime, $said);
        [$year, $month, $day] = match ($this->dates) {
            DateOrder::YearFirst => [(int) $m[1], (int) $m[2], (int) $m[3]],
            DateOrder::DayFirst => [(int) $m[3], (int) $m[2], (int) $m[1]],
            DateOrder::MonthFirst => [(int) $m[3], (int) $m[1], (int) $m[2]],
        };
        $half = strtolower($m[7] ?? '');
        $hour = $half === '' ? (int) $m[4] : ((int) $m[4] % 12) + ($half === 'pm' ? 12 : 0);
        [$minute, $second] = [(int) $m[5], (int) ($m[6] ?? 0)];
        $year += $year < 100 ? 2000 : 0;
        (checkdate($month, $day, $year) && $hour < 24 && $minute < 60 && $second < 60) ||
            throw BadRow::that(RowFault::NoTime, $said);
        $zone = ($m[8] ?? '') === '' ? $this->zone : new DateTimeZone($m[8] === 'Z' ? 'UTC' : $m[8]);

        return (new DateTimeImmutable('now', $zone))
            ->setDate($year, $month, $day)
            ->setTime($hour, $minute, $second)
            ->getTimestamp();
    }

    /** @param  list<string>  $cells */
    private function temperature(array $cells, ?int $column): ?Temperature
    {
        $said = $column === null ? '' : $cells[$column] ?? '';
        if ($said === '') {
            return null;
        }
        $plain = strtr($said, ['−' => '-', ' ' => '', ...$this->comma ? [',' => '.'] : []]);
        preg_match('/^[-+]?\d+(\.\d+)?(°?[CF])?$/i', $plain) === 1 ||
            throw BadRow::that(RowFault::NoTemperature, $said);
        $degrees = (float) $plain;
        $fahrenheit = $this->fahrenheit || str_ends_with(strtoupper($plain), 'F');

        return Sample::celsius($fahrenheit ? ($degrees - 32) / 1.8 : $degrees, $said);
    }

    /** @param  list<string>  $days */
    private static function order(array $days): DateOrder
    {
        $first = $days[0] ?? '';
        if (preg_match('/^\d{9,11}$/', $first) === 1) {
            return DateOrder::Seconds;
        }
        if (preg_match('/^\d{4}\D/', $first) === 1) {
            return DateOrder::YearFirst;
        }
        foreach ($days as $day) {
            // The second of the two is above twelve: it is the day.
            if (preg_match('#^\d{1,2}[-./](\d{1,2})[-./]#', $day, $m) === 1 && (int) $m[1] > 12) {
                return DateOrder::MonthFirst;
            }
        }

        return DateOrder::DayFirst;
    }
}
