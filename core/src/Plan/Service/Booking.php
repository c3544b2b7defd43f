<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

/** One line of a book that was handed in: a service with its guests, or why it is none. */
final readonly class Booking
{
    /** Where guests are named in what somebody wrote: "Wedding, 160 guests". */
    private const GUESTS = '/(?<![\d.,])(\d{1,6})\s*(?:guests?|covers?|people|persons?|pax)\b/iu';

    /**
     * @param  string  $key  what it is known by when the same book is handed in again
     * @param  string  $day  2026-11-27; empty when it cannot be read
     * @param  string  $at  19:00; empty when it cannot be read
     * @param  int|null  $covers  null when nobody said
     */
    private function __construct(
        public string $key,
        public string $day,
        public string $at,
        public string $name,
        public ?int $covers,
        public ServiceKind $kind,
        public ?BookingFault $fault,
    ) {
    }

    public static function of(
        string $key,
        string $day,
        string $at,
        string $name,
        ?int $covers,
        ServiceKind $kind,
        bool $cancelled = false,
    ): self {
        $fault = match (true) {
            $cancelled => BookingFault::Cancelled,
            $day === '' => BookingFault::NoDay,
            $at === '' => BookingFault::NoHour,
            $name === '' => BookingFault::NoName,
            $covers === null => BookingFault::NoCovers,
            $covers < 0 || $covers > 10_000 => BookingFault::TooMany,
            default => null,
        };

        return new self($key, $day, $at, mb_substr($name, 0, 60), $covers, $kind, $fault);
    }

    /** The guests somebody wrote of; null when nobody did. */
    public static function guestsIn(string $text): ?int
    {
        return preg_match(self::GUESTS, $text, $found) === 1 ? (int) $found[1] : null;
    }

    /** A day as books write it: 2026-11-27 or 27.11.2026. Others could be read two ways. */
    public static function day(string $typed): string
    {
        $typed = trim($typed);
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $typed, $found) === 1) {
            [, $year, $month, $day] = $found;
        } elseif (preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', $typed, $found) === 1) {
            [, $day, $month, $year] = $found;
        } else {
            return '';
        }

        return checkdate((int) $month, (int) $day, (int) $year)
            ? sprintf('%04d-%02d-%02d', (int) $year, (int) $month, (int) $day)
            : '';
    }

    /** An hour as books write it: 19:00, 9:30, 19.00 */
    public static function hour(string $typed): string
    {
        return preg_match('/^(\d{1,2})[:.](\d{2})(?::\d{2})?$/', trim($typed), $found) === 1
            && (int) $found[1] < 24 && (int) $found[2] < 60
            ? sprintf('%02d:%02d', (int) $found[1], (int) $found[2])
            : '';
    }
}
