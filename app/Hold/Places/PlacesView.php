<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Places\OutOfRange;
use Sectum\Hold\Places\PlaceKind;
use Sectum\Hold\Point;
use Sectum\Measure\Temperature;

/** The cold places: how cold each is, when it was read and is due, when it was out of range and what was done. */
final readonly class PlacesView
{
    /** How far back it is shown, seconds. */
    private const BACK = 86_400;

    /** Points of a curve. */
    private const POINTS = 96;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $now = $this->clock->now();
        $places = Place::query()->whereNull('retired_at')->orderBy('name')->get()->sortBy(
            fn (Place $place): int => (int) array_search($place->kind, PlaceKind::cases(), true),
        );
        $acts = PlaceAct::query()
            ->with('doer')
            ->where('done_at', '>=', Moment::written(Carbon::createFromTimestamp($now->getTimestamp() - self::BACK)))
            ->orderBy('done_at')
            ->get();

        $from = $now->getTimestamp() - self::BACK;
        $records = iterator_to_array(PlaceRecord::each($places, $from));
        $lasts = PlaceRecord::lasts(array_values(array_diff($places->modelKeys(), array_keys($records))));
        $faults = [];
        $counted = ProbeFault::rows()->where('at_s', '>=', $from)->groupBy('place_id');
        foreach (Row::all($counted->selectRaw('place_id, count(*) as n')->get()) as $row) {
            $faults[$row->text('place_id')] = (int) $row->number('n');
        }

        return [
            'places' => array_map(
                fn (Place $place): array => [
                    ...self::one(
                        $records[$place->id] ?? new PlaceRecord($place, [], $from),
                        $lasts[$place->id] ?? null,
                        $acts->where('place_id', $place->id),
                        $words,
                        $now,
                    ),
                    'refused' => $faults[$place->id] ?? 0,
                ],
                array_values($places->all()),
            ),
            'can_set_up' => $person->seesPrices(),
        ];
    }

    /**
     * @param  Row|null  $before  the last that was read, where that was before
     * @param  Collection<int, PlaceAct>  $acts
     * @return Answer
     */
    private static function one(
        PlaceRecord $record,
        ?Row $before,
        Collection $acts,
        Words $words,
        DateTimeImmutable $now,
    ): array {
        $place = $record->place;
        $last = $record->rows === [] ? $before : $record->rows[count($record->rows) - 1];
        $lastS = $last === null ? null : (int) $last->number('at_s');
        $due = $place->dueS($lastS, $now->getTimestamp());
        $from = $now->getTimestamp() - self::BACK;

        return [
            'id' => $place->id,
            'version' => $place->version,
            'name' => $place->name,
            'kind' => $place->kind->value,
            'lowest' => self::degrees($place->lowest_tenths, $words),
            'highest' => self::degrees($place->highest_tenths, $words),
            'lowest_c' => $place->limits()->lowest,
            'highest_c' => $place->limits()->highest,
            'every_h' => $place->every_minutes / 60,
            'trays' => $place->trays,
            'litres' => $place->litres,
            'air' => $place->surroundings === null ? null : explode(' ', $place->surroundings->value)[1],
            'channel' => $place->channel,
            'battery' => $place->isLogged() ? $place->battery_pct : null,
            'shows' => $last === null ? null : $words->degrees(PlaceRecord::read($last)),
            'celsius' => $last === null ? null : PlaceRecord::read($last)->celsius(),
            'at' => $last === null ? null : self::when($last->number('at_s'), $now),
            'how' => $last?->text('source'),
            'range' => $last === null ? null : $place->limits()->judge(PlaceRecord::read($last)->celsius())->value,
            'due' => $due === null ? null : self::when($due, $now),
            'overdue' => $due !== null && $due < $now->getTimestamp(),
            'silent' => $place->isSilent($lastS, $now->getTimestamp()),
            'curve' => self::curve($record->points()),
            'out' => array_map(
                fn (OutOfRange $one): array => self::episode($one, $from, $acts, $words, $now),
                $record->outOfRange(),
            ),
        ];
    }

    /**
     * @param  Collection<int, PlaceAct>  $acts
     * @return Answer
     */
    private static function episode(
        OutOfRange $one,
        int $from,
        Collection $acts,
        Words $words,
        DateTimeImmutable $now,
    ): array {
        $began = (int) round($from + 60 * $one->from);
        $act = $acts->first(fn (PlaceAct $act): bool => Moment::at($act->done_at)->getTimestamp() >= $began);

        return [
            'how' => $one->how->value,
            'from' => self::when($began, $now),
            'to' => $one->to === null ? null : self::when($from + 60 * $one->to, $now),
            'worst' => $words->degrees(Temperature::ofCelsius($one->worst)),
            'done' => $act === null
                ? null
                : ['what' => $act->what, 'by' => $act->doer->name, 'at' => Moment::hour($act->done_at)],
        ];
    }

    /**
     * Of every quarter of an hour the warmest, so that no door is lost.
     *
     * @param  list<Point>  $points
     * @return list<array{minute: float, celsius: float}>
     */
    private static function curve(array $points): array
    {
        $each = self::BACK / 60 / self::POINTS;
        $curve = [];
        foreach ($points as $point) {
            $slot = (int) floor($point->minute / $each);
            if (! isset($curve[$slot]) || $curve[$slot]['celsius'] < $point->celsius) {
                $curve[$slot] = ['minute' => $point->minute, 'celsius' => $point->celsius];
            }
        }

        return array_values($curve);
    }

    private static function degrees(?int $tenths, Words $words): ?string
    {
        return $tenths === null ? null : $words->degrees(Temperature::ofCelsius($tenths / 10));
    }

    /** "14:20" today, "Wed 25 Nov, 14:20" before. */
    public static function when(float $seconds, DateTimeImmutable $now): string
    {
        $at = Moment::at(Moment::written(Carbon::createFromTimestamp((int) round($seconds))));

        return $at->format('Y-m-d') === Moment::at(Moment::written($now))->format('Y-m-d')
            ? $at->format('H:i')
            : $at->format('D j M, H:i');
    }
}
