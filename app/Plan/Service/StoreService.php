<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Allergen;
use Sectum\Measure\Money;
use Sectum\Plan\Service\Course;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\ServiceKind;

/** A service is planned, changed or dropped; and what it really sold is typed when it is over. */
final readonly class StoreService
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef plans the services.');
        $kind = ServiceKind::from($fields->string('kind'));
        $day = $fields->string('day');
        DB::connection()->transaction(function () use ($id, $fields, $kind, $day, $person): void {
            $service = Service::query()->with('dishes')->find($id) ?? new Service(['id' => $id]);
            $dishes = self::dishes($fields);
            $service->fill([
                'day' => $day,
                'at' => $fields->string('at'),
                'kind' => $kind,
                'name' => trim($fields->string('name')),
                'covers' => $fields->int('covers'),
                'covers_sd' => $fields->number('covers_sd', 0),
                'no_show_pct' => $fields->number('no_show_pct', 0),
                'no_show_sd_pct' => $fields->number('no_show_sd_pct', 0),
                'spare_pct' => $fields->number('spare_pct', 0),
                'guaranteed' => $fields->maybeInt('guaranteed'),
                'note' => trim($fields->maybeString('note') ?? ''),
                'event' => trim($fields->maybeString('event') ?? ''),
                'quote_minor' => self::quote($fields),
                'allergies' => self::allergies($fields),
                'dropped_at' => $fields->has('dropped') && $fields->bool('dropped')
                    ? $service->dropped_at ?? Moment::written($this->clock->now())
                    : null,
            ]);
            Fault::within('', fn (): Covers => $service->guests());
            $service->name !== '' || throw Fault::inField('/name', 'Say what the service is called.');
            if ($service->exists && ! $service->isDirty() && self::asKept($service) === $dishes) {
                return;
            }
            if ($service->exists) {
                Fault::unlessLatest($service->name, $fields->int('version', 0), $service->version);
            } else {
                $day >= Moment::date($this->clock->now()) ||
                    throw Fault::inField('/day', 'That day is over. Choose today or a day to come.');
            }
            $service->version = $service->exists ? $service->version + 1 : 1;
            $service->stored_by = $person->id;
            $service->save();
            $this->keepMenu($service, $dishes);
        });
    }

    /** Who came, and what they took: it teaches the next services. */
    public function sold(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $service = Service::query()->with('dishes')->whereNull('dropped_at')->findOrFail($id);
            $service->moment() <= $this->clock->now() ||
                throw Fault::inField('/covers', 'This service is still to come.');
            if (! Once::isNew($fields->string('act'), "sold {$id}", $fields)) {
                return;
            }
            Fault::unlessLatest($service->name, $fields->int('version', 0), $service->version);
            $covers = $fields->int('covers');
            $service->update([
                'sold_covers' => $covers,
                'version' => $service->version + 1,
                'stored_by' => $person->id,
            ]);
            foreach ($fields->list('dishes') as $i => $one) {
                $dish = $service->dishes->firstWhere('dish_id', $one->string('dish')) ??
                    throw Fault::inField("/dishes/{$i}/dish", 'This dish is not on the menu of that service.');
                $dish->update(['sold' => $one->int('sold')]);
            }
        });
    }

    /** @return array<string, int> guests by allergen, in the list's order; those nobody has are left out */
    private static function allergies(Fields $fields): array
    {
        $typed = $fields->has('allergies') ? $fields->fields('allergies') : new Fields([]);
        $guests = [];
        foreach (Allergen::cases() as $one) {
            $count = $typed->maybeInt($one->value) ?? 0;
            if ($count > 0) {
                $guests[$one->value] = $count;
            }
        }

        return $guests;
    }

    private static function quote(Fields $fields): ?int
    {
        $typed = trim($fields->maybeString('quote') ?? '');

        return $typed === ''
            ? null
            : Fault::at('/quote', fn (): int => Money::parse($typed, Settings::load()->currency)->minor);
    }

    /** @return list<array{string, float|null, int|null, int, string}> dish, share, chosen, cut before, course */
    private static function dishes(Fields $fields): array
    {
        $dishes = [];
        foreach ($fields->list('dishes') as $i => $one) {
            $dish = Dish::chosen($one->string('dish'), "/dishes/{$i}/dish");
            $dish->species_id !== null ||
                throw Fault::inField(
                    "/dishes/{$i}/dish",
                    "Say which fish {$dish->name} is of before it is planned.",
                );
            in_array($dish->id, array_column($dishes, 0), true) &&
                throw Fault::inField("/dishes/{$i}/dish", "{$dish->name} is on the menu already.");
            $course = $one->maybeString('course') ?? Course::Main->value;
            $dishes[] = [
                $dish->id,
                $one->maybeNumber('share_pct'),
                $one->maybeInt('chosen'),
                $one->int('cut_before', 0),
                $course,
            ];
        }

        return $dishes;
    }

    /** @return list<array{string, float|null, int|null, int, string}> */
    private static function asKept(Service $service): array
    {
        return array_map(
            fn (ServiceDish $one): array => [
                $one->dish_id,
                $one->share_pct,
                $one->chosen,
                $one->cut_before,
                $one->course->value,
            ],
            array_values($service->dishes->all()),
        );
    }

    /** @param  list<array{string, float|null, int|null, int, string}>  $dishes */
    private function keepMenu(Service $service, array $dishes): void
    {
        $known = $service->dishes->keyBy('dish_id');
        ServiceDish::rows()
            ->where('service_id', $service->id)
            ->whereNotIn('dish_id', array_column($dishes, 0))
            ->delete();
        foreach ($dishes as [$dish, $share, $chosen, $before, $course]) {
            $what = ['share_pct' => $share, 'chosen' => $chosen, 'cut_before' => $before, 'course' => $course];
            $one = $known->get($dish);
            if ($one === null) {
                ServiceDish::query()->create([
                    'id' => (string) Str::ulid(),
                    'service_id' => $service->id,
                    'dish_id' => $dish,
                    ...$what,
                ]);
            } else {
                $one->update($what);
            }
        }
    }
}
