<?php

declare(strict_types=1);

namespace App\Kitchen;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/**
 * Moments as they are kept (in universal time, so that their texts are in order) and as the house's clock shows them.
 */
final readonly class Moment
{
    /** As it is kept: 2026-11-26T18:05:09.120Z */
    public static function written(DateTimeInterface $at): string
    {
        return DateTimeImmutable::createFromInterface($at)
            ->setTimezone(new DateTimeZone('UTC'))
            ->format('Y-m-d\TH:i:s.v\Z');
    }

    public static function maybe(?DateTimeInterface $at): ?string
    {
        return $at === null ? null : self::written($at);
    }

    /** What was kept, on the house's clock; a date alone is the midnight it begins with. */
    public static function at(string $kept): DateTimeImmutable
    {
        $time = Settings::load()->time;

        return (new DateTimeImmutable($kept, $time->zone))->setTimezone($time->zone);
    }

    /** The kitchen day a moment belongs to. */
    public static function day(DateTimeInterface|string $at): DateTimeImmutable
    {
        return is_string($at) && strlen($at) === 10
            ? self::at($at)
            : Settings::load()->time->day(is_string($at) ? self::at($at) : $at);
    }

    /** The date of the kitchen day a moment belongs to: 2026-11-26 */
    public static function date(DateTimeInterface|string $at): string
    {
        return self::day($at)->format('Y-m-d');
    }

    /** Minutes from midnight to an hour of the clock like 18:05. */
    public static function minute(string $clock): int
    {
        return 60 * (int) substr($clock, 0, 2) + (int) substr($clock, 3, 2);
    }

    /** "18:05" */
    public static function hour(string $kept): string
    {
        return self::at($kept)->format('H:i');
    }
}
