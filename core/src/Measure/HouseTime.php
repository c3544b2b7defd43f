<?php

declare(strict_types=1);

namespace Sectum\Measure;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/**
 * The hours of a house: where its clock stands, and at which hour its day ends. A service that goes on past midnight
 * still belongs to the evening it began on. Days on which the clock is changed have 23 or 25 hours, and count as one
 * day all the same.
 */
final readonly class HouseTime
{
    /** The hour at which a kitchen day ends until the head chef says otherwise. */
    public const DAY_ENDS = 4;

    /** The latest hour at which a day may end: before lunch is begun. */
    public const LATEST_END = 11;

    /** @param  int  $dayEnds  whole hours after midnight, 0 to 11 */
    public function __construct(public DateTimeZone $zone, public int $dayEnds = self::DAY_ENDS)
    {
    }

    /** A moment as the clock on the wall shows it. */
    public function local(DateTimeInterface $at): DateTimeImmutable
    {
        return DateTimeImmutable::createFromInterface($at)->setTimezone($this->zone);
    }

    /** The kitchen day a moment belongs to, as the midnight its date begins with. */
    public function day(DateTimeInterface $at): DateTimeImmutable
    {
        $local = $this->local($at);

        return ((int) $local->format('G') < $this->dayEnds ? $local->modify('-1 day') : $local)->setTime(0, 0);
    }

    /**
     * When a kitchen day begins: the hour at which the one before it ends.
     *
     * @param  DateTimeInterface  $day  its date, as day() gives it
     */
    public function begins(DateTimeInterface $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day->format('Y-m-d').sprintf(' %02d:00', $this->dayEnds), $this->zone);
    }

    /**
     * How many days a moment lies after the beginning of a date, as a place on a ruler whose days are all as long.
     *
     * @param  DateTimeInterface  $day  a date of this house
     */
    public function daysFrom(DateTimeInterface $day, DateTimeInterface $at): float
    {
        $local = $this->local($at);
        $midnight = $local->setTime(0, 0);
        $length = $midnight->modify('+1 day')->getTimestamp() - $midnight->getTimestamp();
        $utc = new DateTimeZone('UTC');
        $whole = (new DateTimeImmutable($day->format('Y-m-d'), $utc))
            ->diff(new DateTimeImmutable($local->format('Y-m-d'), $utc))
            ->format('%r%a');

        return (int) $whole + ($local->getTimestamp() - $midnight->getTimestamp()) / $length;
    }
}
