<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Thermometer;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Freezing\Surroundings;
use Sectum\Hold\Logger\Sample;
use Sectum\Hold\Places\PlaceKind;
use Sectum\Hold\Places\PlaceLimits;
use Sectum\Measure\Temperature;

/** A cold place is set up, read by hand, or put right when it was out of range. */
final readonly class StorePlace
{
    public function __construct(private KeepTemperatures $keep, private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef sets up the cold places.');
        $kind = PlaceKind::from($fields->string('kind'));
        $name = trim($fields->string('name'));
        $limit = fn (string $which): ?Temperature => trim($fields->maybeString($which) ?? '') === ''
            ? null
            : Fault::at("/{$which}", fn (): Temperature => Temperature::parse($fields->string($which)));
        [$lowest, $highest] = [$limit('lowest'), $limit('highest')];
        Fault::within('', fn (): PlaceLimits => new PlaceLimits($lowest?->celsius(), $highest?->celsius()));
        DB::connection()->transaction(function () use ($id, $fields, $kind, $name, $lowest, $highest): void {
            $place = Place::query()->find($id) ?? new Place(['id' => $id]);
            $what = [
                'name' => $name,
                'kind' => $kind,
                'lowest_tenths' => $lowest?->tenths,
                'highest_tenths' => $highest?->tenths,
                'every_minutes' => (int) round(60 * $fields->number('every_h')),
                'trays' => $fields->maybeInt('trays'),
                'litres' => $fields->maybeInt('litres'),
                'surroundings' => $kind->freezes()
                    ? Surroundings::tryFrom("freeze {$fields->maybeString('air')}") ?? Surroundings::FreezeStillAir
                    : null,
                'channel' => trim($fields->maybeString('channel') ?? ''),
                'retired_at' => $fields->bool('retired')
                    ? $place->retired_at ?? Moment::written($this->clock->now())
                    : null,
                'source' => 'house',
            ];
            $place->fill($what);
            if ($place->exists && ! $place->isDirty()) {
                return;
            }
            if ($place->exists) {
                Fault::unlessLatest($name, $fields->int('version', 0), $place->version);
            }
            Place::query()->where('name', $name)->where('id', '!=', $id)->doesntExist() ||
                throw Fault::inField('/name', "There is another place called {$name}.");
            $place->version = $place->exists ? $place->version + 1 : 1;
            $place->save();
        });
    }

    /** Somebody looked, and says what the thermometer showed. */
    public function read(string $place, string $reading, Fields $fields, Person $person): void
    {
        $shown = Thermometer::read($fields->fields('temperature'));
        $probe = $fields->maybeString('of') ?? 'air';
        $at = $this->when($fields->maybeString('at'));
        DB::connection()->transaction(function () use ($place, $reading, $fields, $shown, $probe, $at, $person): void {
            $known = Place::query()->findOrFail($place);
            if (! Once::isNew($reading, "place {$place}", $fields)) {
                return;
            }
            ($this->keep)(
                $known,
                [
                    new Sample(
                        $at->getTimestamp(),
                        $probe === 'air' ? $shown->shown : null,
                        $probe === 'core' ? $shown->shown : null,
                    ),
                ],
                $shown->measured,
                $person,
            );
        });
    }

    /** What was done about it. */
    public function act(string $place, string $act, Fields $fields, Person $person): void
    {
        $what = trim($fields->string('what'));
        $what !== '' || throw Fault::inField('/what', 'Say what you did about it.');
        DB::connection()->transaction(function () use ($place, $act, $fields, $what, $person): void {
            Place::query()->findOrFail($place);
            if (Once::isNew($act, "act {$place}", $fields)) {
                PlaceAct::query()->create([
                    'id' => $act,
                    'place_id' => $place,
                    'what' => $what,
                    'done_by' => $person->id,
                    'done_at' => Moment::written($this->clock->now()),
                ]);
            }
        });
    }

    /** Now, or an earlier moment that is typed as the house's clock shows it. */
    private function when(?string $typed): DateTimeImmutable
    {
        $now = $this->clock->now();
        if ($typed === null || trim($typed) === '') {
            return $now;
        }
        $at = Moment::at($typed);
        $at <= $now || throw Fault::inField('/at', 'That is still to come. Type when it was read.');

        return $at;
    }
}
