<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Order\PlacedOrder;
use App\Plan\Service\Service;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** The services and what is to arrive for them, as an iCalendar file; it names no guest and no price. */
final readonly class FeedFile
{
    private const BACK = 14;

    private const AHEAD = 90;

    /** How long a service stands in a calendar. */
    private const HOURS = 3;

    public static function of(DateTimeImmutable $now, Settings $settings): string
    {
        $utc = new DateTimeZone('UTC');
        $today = Moment::day($now);
        [$from, $until] = [
            $today->modify('-'.self::BACK.' days')->format('Y-m-d'),
            $today->modify('+'.self::AHEAD.' days')->format('Y-m-d'),
        ];
        $calendar = new VCalendar(['PRODID' => '-//Sectum//Plan//EN', 'X-WR-CALNAME' => $settings->kitchen]);
        foreach (Service::held()->where('day', '>=', $from)->where('day', '<=', $until)->get() as $one) {
            $begins = $one->moment()->setTimezone($utc);
            $calendar->add('VEVENT', [
                'UID' => "{$one->id}@sectum",
                'DTSTAMP' => $now->setTimezone($utc),
                'DTSTART' => $begins,
                'DTEND' => $begins->modify('+'.self::HOURS.' hours'),
                'SUMMARY' => "{$one->name}, {$one->guests()->count} guests",
                'SEQUENCE' => $one->version,
            ]);
        }
        $orders = PlacedOrder::query()
            ->with('supplier')
            ->whereNull('dropped_at')
            ->where('for_day', '>=', $from)
            ->where('for_day', '<=', $until)
            ->get();
        foreach ($orders as $one) {
            $event = $calendar->createComponent('VEVENT');
            $event->add('UID', "{$one->id}@sectum");
            $event->add('DTSTAMP', $now->setTimezone($utc));
            $event->add('DTSTART', Moment::at($one->for_day)->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('SUMMARY', "Order {$one->number} from {$one->supplier->name} arrives");
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
