<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

use DateTimeImmutable;
use Sectum\Receive\Freshness;

/**
 * Until when raw portions may be used: so many days counting the day they were cut, and never beyond the fish itself.
 */
final readonly class UseBy
{
    private function __construct(public DateTimeImmutable $day, public string $why)
    {
    }

    /**
     * @param  DateTimeImmutable  $cut  when the first of them was cut
     * @param  bool  $rawService  whether it is served raw
     * @param  list<DateTimeImmutable>  $keepUntil  when each fish it came from ends
     * @param  PortionDays  $kept  days of the house
     */
    public static function of(
        DateTimeImmutable $cut,
        bool $rawService,
        array $keepUntil,
        PortionDays $kept = new PortionDays(),
    ): self {
        $days = $rawService ? $kept->rawService : $kept->raw;
        $counted = $days === 1 ? '1 day' : "{$days} days";
        $day = $cut->setTime(0, 0)->modify('+'.($days - 1).' days');
        $why = $rawService
            ? "House rule: portions for raw service {$counted}, counting the day they were cut."
            : "House rule: raw portions {$counted}, counting the day they were cut.";
        foreach ($keepUntil as $end) {
            if ($end->setTime(0, 0) < $day) {
                $day = $end->setTime(0, 0);
                $why = 'The fish itself ends then.';
            }
        }

        return new self($day, $why.' '.Freshness::CHECK);
    }
}
