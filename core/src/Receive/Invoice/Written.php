<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** Numbers and dates as suppliers write them, read one way or refused. */
final readonly class Written
{
    /**
     * @param  'auto'|'point'|'comma'  $decimals  what stands before the decimals
     * @param  'auto'|'dmy'|'mdy'|'ymd'  $dates  the order of a date's parts
     */
    public function __construct(private string $decimals = 'auto', private string $dates = 'auto')
    {
    }

    /**
     * "13.90", "13,90", "1.234,50", "1 234.50"
     *
     * @throws Unwritten when it is no number, is below zero, or "1,234" could mean two things
     */
    public function number(string $text): BigDecimal
    {
        $typed = preg_replace('/[\s\x{00A0}\x{202F}\']+/u', '', $text) ?? '';
        if (preg_match('/^\d+$/', $typed) === 1) {
            return BigDecimal::of($typed);
        }
        if (preg_match('/^\d[\d.,]*$/', $typed) !== 1) {
            throw new Unwritten("\"{$text}\" is not a number.", $text);
        }
        $mark =
            $this->decimals === 'auto' ? $this->lastMark($typed, $text) : ($this->decimals === 'comma' ? ',' : '.');
        $other = $mark === ',' ? '.' : ',';
        $groups = '/^\d{1,3}(?:'.preg_quote($other).'\d{3})+(?:'.preg_quote($mark).'\d+)?$/';
        $plain = '/^\d+(?:'.preg_quote($mark).'\d+)?$/';
        if (preg_match($groups, $typed) !== 1 && preg_match($plain, $typed) !== 1) {
            throw new Unwritten(
                "\"{$text}\" is not a number with a decimal ".($mark === ',' ? 'comma' : 'point').'.',
                $text,
            );
        }

        return BigDecimal::of(strtr(str_replace($other, '', $typed), [$mark => '.']));
    }

    /**
     * "2026-11-24", "24.11.2026", "24/11/26", "11/24/2026", "20261124"
     *
     * @throws Unwritten when it is no day, or could be two
     */
    public function date(string $text): DateTimeImmutable
    {
        $typed = trim($text);
        if (preg_match('#^(\d{4})[-/.]?(\d{2})[-/.]?(\d{2})(?:T.*)?$#', $typed, $m) === 1) {
            return self::day((int) $m[1], (int) $m[2], (int) $m[3], $text);
        }
        if (preg_match('#^(\d{1,2})([-/.])(\d{1,2})\2(\d{2}|\d{4})$#', $typed, $m) !== 1) {
            throw new Unwritten("\"{$text}\" is not a date. Write it like 2026-11-24.", $text);
        }
        [$first, $second, $year] = [(int) $m[1], (int) $m[3], (int) $m[4] + (strlen($m[4]) === 2 ? 2000 : 0)];
        $order =
            $this->dates !== 'auto'
                ? $this->dates
                : match (true) {
                    $m[2] === '.', $first > 12, $first === $second => 'dmy',
                    $second > 12 => 'mdy',
                    default => throw new Unwritten(
                        "\"{$text}\" can be two days: choose whether the day or the month comes first.",
                        $text,
                    ),
                };

        return $order === 'mdy' ? self::day($year, $first, $second, $text) : self::day($year, $second, $first, $text);
    }

    /** @return '.'|',' */
    private function lastMark(string $typed, string $text): string
    {
        $mark = strrpos($typed, ',') > strrpos($typed, '.') ? ',' : '.';
        $once = substr_count($typed, $mark) === 1 && substr_count($typed, $mark === ',' ? '.' : ',') === 0;
        if ($once && preg_match('/^[1-9]\d{0,2}[.,]\d{3}$/', $typed) === 1 && $mark === ',') {
            throw new Unwritten(
                "\"{$text}\" can be two numbers: choose whether this supplier writes a decimal comma or point.",
                $text,
            );
        }

        return $mark;
    }

    private static function day(int $year, int $month, int $day, string $text): DateTimeImmutable
    {
        if (! checkdate($month, $day, $year)) {
            throw new Unwritten("There is no day \"{$text}\".", $text);
        }

        return new DateTimeImmutable(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
