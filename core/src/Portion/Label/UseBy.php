<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

use DateTimeImmutable;
use Sectum\Portion\Serve\ServiceClass;
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
     * @param  ServiceClass  $class  how it is served
     * @param  list<DateTimeImmutable>  $keepUntil  when each fish it came from ends
     * @param  PortionDays  $kept  days of the house
     */
    public static function of(
        DateTimeImmutable $cut,
        ServiceClass $class,
        array $keepUntil,
        PortionDays $kept = new PortionDays(),
    ): self {
        $days = $kept->of($class);
        $counted = $days === 1 ? '1 day' : "{$days} days";
        $day = $cut->setTime(0, 0)->modify('+'.($days - 1).' days');
        $what = match ($class) {
            ServiceClass::Cooked => 'raw portions',
            ServiceClass::Raw => 'portions for raw service',
            ServiceClass::Seared,
            ServiceClass::Marinated,
            ServiceClass::LightlyCured,
            ServiceClass::Cured => "{$class->spoken()} portions",
        };
        $why = "House rule: {$what} {$counted}, counting the day they were cut.";
        foreach ($keepUntil as $end) {
            if ($end->setTime(0, 0) < $day) {
                $day = $end->setTime(0, 0);
                $why = 'The fish itself ends then.';
            }
        }

        return new self($day, $why.' '.Freshness::CHECK);
    }
}
