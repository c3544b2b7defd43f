<?php

declare(strict_types=1);

namespace Sectum\Gs1;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** One element of a label: its identifier and a value that was checked against it. */
final readonly class Element
{
    /** Characters a value may be made of (General Specifications, figure 7.11-1). */
    private const CHARACTERS = '#^[A-Za-z0-9!"%&\'()*+,\-./:;<=>?_]+$#D';

    private function __construct(public Identifier $identifier, public string $value, private int $thisYear)
    {
    }

    /**
     * @param  int  $thisYear  the year it is read in, which decides the century of two-digit years
     *
     * @throws BadScan which names the element and what is wrong with it
     */
    public static function of(Identifier $identifier, string $value, int $thisYear): self
    {
        $element = new self($identifier, $value, $thisYear);
        $name = "({$identifier->ai}) {$identifier->title}";
        if ($value === '') {
            throw new BadScan("{$name} is empty: the scan was cut short.", $value, '/text');
        }
        if (preg_match(self::CHARACTERS, $value) !== 1) {
            throw new BadScan("{$name} holds a character no label may carry.", $value, '/text');
        }
        if (preg_match('#^'.$identifier->pattern.'$#D', $value) !== 1) {
            throw new BadScan(
                "{$name} is \"{$value}\": ".self::expected($identifier->pattern).'.',
                $value,
                '/text',
            );
        }
        $fault = match ($identifier->check) {
            'check' => CheckDigit::fits($value) ? null : 'its check digit does not fit; scan it again',
            'date' => self::day($value, $thisYear) === null ? 'there is no such day' : null,
            'time' => self::day(substr($value, 0, 6), $thisYear, false) === null ||
            (int) substr($value, 6, 2) > 23 ||
            (int) substr($value, 8, 2) > 59
                ? 'there is no such time'
                : null,
            'range' => self::rangeFault($value, $thisYear),
            'decimals' => ($identifier->decimals() ?? 0) > (str_starts_with($identifier->ai, '39') ? 9 : 5)
                ? 'it has more decimals than a label may give'
                : null,
            default => null,
        };
        if ($fault !== null) {
            throw new BadScan("{$name} is \"{$value}\": {$fault}.", $value, '/text');
        }

        return $element;
    }

    /** The value with its decimals in place; for identifiers that carry them. */
    public function number(): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($this->value, $this->identifier->decimals() ?? 0);
    }

    /** The first, or only, day; the last of the month when the label says day 00. */
    public function from(): ?DateTimeImmutable
    {
        return self::day(substr($this->value, 0, 6), $this->thisYear);
    }

    /** The last day of a range; the only day when it is none. */
    public function until(): ?DateTimeImmutable
    {
        return self::day(
            strlen($this->value) === 12 ? substr($this->value, 6) : substr($this->value, 0, 6),
            $this->thisYear,
        );
    }

    /** As a person reads it. */
    public function text(): string
    {
        return match ($this->identifier->check) {
            'decimals' => (string) $this->number(),
            'date' => $this->from()?->format('j M Y') ?? $this->value,
            'time' => ($this->from()?->format('j M Y') ?? '').
                ', '.
                substr($this->value, 6, 2).
                ':'.
                substr($this->value, 8, 2),
            'range' => $this->from()?->format('ymd') === $this->until()?->format('ymd')
                ? $this->from()?->format('j M Y') ?? ''
                : ($this->from()?->format('j M') ?? '').' to '.($this->until()?->format('j M Y') ?? ''),
            default => $this->value,
        };
    }

    private static function rangeFault(string $value, int $thisYear): ?string
    {
        $from = self::day(substr($value, 0, 6), $thisYear, false);
        $until = strlen($value) === 12 ? self::day(substr($value, 6), $thisYear, false) : $from;

        return match (true) {
            $from === null, $until === null => 'there is no such day',
            $until < $from => 'it ends before it begins',
            default => null,
        };
    }

    /** Two-digit years lie between 49 years back and 50 ahead (General Specifications, 7.12). */
    private static function day(string $yymmdd, int $thisYear, bool $zeroIsLast = true): ?DateTimeImmutable
    {
        [$yy, $month, $day] = array_map(intval(...), str_split($yymmdd, 2)) + [0, 0, 0];
        $year = $thisYear - ($thisYear % 100) + $yy;
        $year += match (true) {
            $year - $thisYear > 50 => -100,
            $thisYear - $year > 49 => 100,
            default => 0,
        };
        if ($month < 1 || $month > 12) {
            return null;
        }
        $last = (int) (new DateTimeImmutable(sprintf('%04d-%02d-01', $year, $month)))->format('t');
        $day = $day === 0 && $zeroIsLast ? $last : $day;

        return $day < 1 || $day > $last
            ? null
            : new DateTimeImmutable(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }

    private static function expected(string $pattern): string
    {
        return match (true) {
            preg_match('/^\\\\d\{(\d+)\}$/', $pattern, $m) === 1 => "{$m[1]} digits belong there",
            preg_match('/^\\\\d\{1,(\d+)\}$/', $pattern, $m) === 1 => "up to {$m[1]} digits belong there",
            preg_match('/^\.\{1,(\d+)\}$/', $pattern, $m) === 1 => "it is longer than {$m[1]} characters; two ".
                'scans may be glued together',
            str_starts_with($pattern, '\d{3}') => 'three digits of a country and a postal code belong there',
            default => 'one day or two, of six digits each, belong there',
        };
    }
}
