<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use DateTimeImmutable;
use Sectum\Fish\Bin;
use Sectum\Receive\Freshness;

/**
 * Until when what lies in a bin may be eaten: the days of the house, and never beyond the fish itself.
 *
 * Freezing stops the fish's own clock, so a frozen mark counts from the day it was frozen; what is past its date is not
 * frozen any more.
 */
final readonly class DateMark
{
    private function __construct(public DateTimeImmutable $day, public string $why)
    {
    }

    /**
     * @param  DateTimeImmutable  $from  when it was cut, or frozen
     * @param  DateTimeImmutable|null  $fishEnds  null when nobody knows
     *
     * @throws PastItsDate when it is to be frozen and the fish has ended, or this bin is not frozen
     */
    public static function of(
        Bin $bin,
        Keeping $keeping,
        DaysKept $kept,
        DateTimeImmutable $from,
        ?DateTimeImmutable $fishEnds,
    ): self {
        $frozen = $keeping === Keeping::Frozen;
        $days = $frozen ? $kept->frozen : $kept->cold;
        $days > 0 || throw new PastItsDate("{$bin->spoken()} is not frozen in this house.", $days, '/keeping');
        $day = $from->setTime(0, 0)->modify('+'.($days - 1).' days');
        $why =
            "House rule: {$bin->spoken()} {$days} ".
            ($days === 1 ? 'day' : 'days').
            ($frozen ? ' frozen.' : ', counting the day it was cut.');
        $ends = $fishEnds?->setTime(0, 0);
        if ($ends !== null && $ends < ($frozen ? $from->setTime(0, 0) : $day)) {
            ! $frozen ||
                throw new PastItsDate(
                    'Its date was '.$ends->format('j M').': freezing does not bring it back.',
                    $ends->format('Y-m-d'),
                    '/keeping',
                );
            $day = $ends;
            $why = 'The fish itself ends then.';
        }

        return new self($day, $why.' '.Freshness::CHECK);
    }
}
