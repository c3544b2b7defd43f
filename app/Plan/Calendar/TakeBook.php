<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Plan\Service\Service;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Plan\Service\Booking;
use Sectum\Plan\Service\ServiceKind;

/** A book that was handed in becomes services; the same book again changes their day, hour and guests, and no menu. */
final readonly class TakeBook
{
    /** Spread of a dining room whose book says only a number. Our estimate: a tenth. */
    private const SPREAD = 0.1;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return list<Answer> each line with what would come of it; nothing is saved */
    public function preview(Fields $fields): array
    {
        $bookings = $this->read($fields);
        $known = $this->known($bookings);

        return array_map(function (Booking $one) use ($known): array {
            $service = $known[$one->key] ?? null;

            return [
                'key' => $one->key,
                'day' => $one->day === '' ? '' : Moment::at($one->day)->format('D j M'),
                'at' => $one->at,
                'name' => $one->name,
                'covers' => $one->covers,
                'kind' => $one->kind->value,
                'fault' => $one->fault?->value,
                'becomes' => match (true) {
                    $one->fault !== null => 'nothing',
                    $one->day < $this->today() => 'past',
                    $service === null => 'new',
                    $this->same($service, $one) => 'same',
                    default => 'changed',
                },
            ];
        }, $bookings);
    }

    public function take(string $act, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef plans the services.');
        $bookings = $this->read($fields);
        DB::connection()->transaction(function () use ($act, $fields, $bookings, $person): void {
            if (! Once::isNew($act, 'book', $fields)) {
                return;
            }
            $known = $this->known($bookings);
            foreach ($bookings as $one) {
                $service = $known[$one->key] ?? new Service([
                    'id' => (string) Str::ulid(),
                    'calendar_uid' => $one->key,
                    'version' => 0,
                    'kind' => $one->kind,
                    'covers_sd' => $one->kind === ServiceKind::DiningRoom
                        ? round(self::SPREAD * ($one->covers ?? 0), 1)
                        : 0,
                ]);
                if ($one->fault !== null || $one->day < $this->today() || $this->same($service, $one)) {
                    continue;
                }
                $service->fill(['day' => $one->day, 'at' => $one->at, 'name' => $one->name, 'covers' => $one->covers]);
                $service->version++;
                $service->stored_by = $person->id;
                $service->save();
            }
        });
    }

    /** @return list<Booking> */
    private function read(Fields $fields): array
    {
        $zone = Settings::load()->time->zone;

        return BookFile::read($fields->string('text'), Moment::day($this->clock->now()), $zone);
    }

    /**
     * @param  list<Booking>  $bookings
     * @return array<string, Service> by what it is known by
     */
    private function known(array $bookings): array
    {
        $known = [];
        foreach (
            Service::query()
                ->whereIn('calendar_uid', array_map(fn (Booking $one): string => $one->key, $bookings))
                ->get() as $service
        ) {
            $known[(string) $service->calendar_uid] = $service;
        }

        return $known;
    }

    private function same(Service $service, Booking $booking): bool
    {
        return $service->exists &&
            [$service->day, $service->at, $service->name, $service->covers] ===
            [$booking->day, $booking->at, $booking->name, $booking->covers];
    }

    private function today(): string
    {
        return Moment::date($this->clock->now());
    }
}
