<?php

declare(strict_types=1);

namespace App\Hold\Checks;

use App\BreakDown\CleanDown\CleanDownView;
use App\Fish\Inspection;
use App\Fish\Reading;
use App\Hold\Freezing\FreezingRun;
use App\Hold\Kept\KeptLeaving;
use App\Hold\Places\Place;
use App\Hold\Places\PlaceAct;
use App\Hold\Places\PlaceRecord;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Language\Said;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Route\Batches\CoolingReading;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Places\Range;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

/**
 * Everything that was checked from one moment to another, what was out of range and what was done about it: a list to
 * look at, and the rows of the file an inspector is handed.
 */
final readonly class DayFile
{
    private const MOST = 400;

    public function __construct(private DateTimeImmutable $from, private DateTimeImmutable $to, private Words $words)
    {
    }

    /** @return list<CheckedSection> */
    public function sections(): array
    {
        return array_values(
            array_filter(
                [
                    new CheckedSection('Scale and probe', $this->instruments()),
                    new CheckedSection('Deliveries, core temperature', $this->deliveries()),
                    new CheckedSection('Cold places', $this->places()),
                    new CheckedSection('Clean-downs', $this->cleanDowns()),
                    new CheckedSection('Cooling', $this->cooling()),
                    new CheckedSection('Freezing for raw service', $this->freezing()),
                    new CheckedSection('Portions discarded', $this->discarded()),
                ],
                fn (CheckedSection $section): bool => $section->rows !== [],
            ),
        );
    }

    /** So many weights and temperatures were measured between the last good check and one that failed. */
    public static function inDoubt(InstrumentCheck $failed): int
    {
        $good = InstrumentCheck::query()
            ->where('instrument', $failed->instrument)
            ->where('good', true)
            ->where('checked_at', '<', $failed->checked_at)
            ->max('checked_at');
        $since = is_string($good) ? $good : '';

        return $failed->instrument === 'scale'
            ? Reading::query()->where('taken_at', '>', $since)->where('taken_at', '<=', $failed->checked_at)->count()
            : Inspection::query()
                ->where('measured', 'probe')
                ->where('inspected_at', '>', $since)
                ->where('inspected_at', '<=', $failed->checked_at)
                ->count() +
                CoolingReading::query()
                    ->where('measured', 'probe')
                    ->where('taken_at', '>', $since)
                    ->where('taken_at', '<=', $failed->checked_at)
                    ->count();
    }

    /** @return list<Checked> */
    private function instruments(): array
    {
        $rows = [];
        foreach ($this->between(InstrumentCheck::query()->with('person'), 'checked_at') as $check) {
            $show = fn (int $value): string => $check->instrument === 'scale'
                ? $this->words->text(Mass::ofMilligrams($value))
                : $this->words->degrees(Temperature::ofCelsius($value / 10));
            $rows[] = self::row(
                $check->checked_at,
                $check->instrument === 'scale' ? "Scale, {$show($check->expected)} on it" : 'Probe in ice water',
                $show($check->measured).
                    ($check->good
                        ? ''
                        : ': off. '.self::inDoubt($check).' readings since the last good check are in doubt'),
                $check->person->name,
                ! $check->good,
            );
        }

        return $rows;
    }

    /** @return list<Checked> */
    private function deliveries(): array
    {
        $rows = [];
        $limit = Settings::load()->warmest;
        $seen = $this->between(
            Inspection::query()
                ->with(['line.species', 'line.delivery.supplier', 'inspector'])
                ->whereNotNull('celsius_tenths'),
            'inspected_at',
        );
        foreach ($seen as $one) {
            $core = Temperature::ofCelsius(($one->celsius_tenths ?? 0) / 10);
            $rows[] = self::row(
                $one->inspected_at,
                Said::called($one->line->species->name).", {$one->line->delivery->supplier->name}",
                "{$this->words->degrees($core)}, {$one->verdict->spoken()}",
                $one->inspector->name,
                $core->isAbove($limit->celsius()),
            );
        }

        return $rows;
    }

    /** @return list<Checked> */
    private function places(): array
    {
        $places = Place::query()->get();
        $records = PlaceRecord::each($places, $this->from->getTimestamp(), $this->to->getTimestamp());
        $byName = [];
        foreach ($records as $record) {
            $byName[$record->place->name] = $this->place($record);
        }
        ksort($byName);
        $rows = array_merge(...array_values($byName));
        foreach ($this->between(PlaceAct::query()->with(['doer', 'place']), 'done_at') as $act) {
            $rows[] = self::row(
                $act->done_at,
                "{$act->place->name}, done about it",
                $act->what,
                $act->doer->name,
                false,
            );
        }

        return $rows;
    }

    /** @return list<Checked> how cold it was in all, then each time it was out of range */
    private function place(PlaceRecord $record): array
    {
        $place = $record->place;
        $tenths = array_map(fn (Row $row): float => $row->number('tenths') / 10, $record->rows);
        $out = $record->outOfRange();
        if ($tenths === []) {
            return [];
        }
        $rows = [];
        $rows[] = self::row(
            Moment::written($this->from),
            $place->name,
            count($tenths).' readings, '.
                $this->words->degrees(Temperature::ofCelsius(min($tenths))).
                ' to '.
                $this->words->degrees(Temperature::ofCelsius(max($tenths))),
            '',
            $out !== [],
        );
        foreach ($out as $one) {
            $rows[] = self::row(
                Moment::written($this->from->modify('+'.(int) round($one->from).' minutes')),
                "{$place->name}, ".($one->how === Range::TooWarm ? 'warmer than allowed' : 'colder than allowed'),
                'for '.
                    ($one->to === null ? 'the rest of the time' : round($one->to - $one->from).' min').
                    ', '.
                    $this->words->degrees(Temperature::ofCelsius($one->worst)),
                '',
                true,
            );
        }

        return $rows;
    }

    /** @return list<Checked> */
    private function cleanDowns(): array
    {
        $done = CleanDownView::all()
            ->where('done_at', '>=', Moment::written($this->from))
            ->where('done_at', '<', Moment::written($this->to))
            ->limit(self::MOST)
            ->get();

        return array_map(
            fn (Row $row): Checked => self::row(
                $row->text('done_at'),
                implode(', ', explode(' ', $row->text('what'))),
                $row->text('sanitiser_ppm') === '' ? 'cleaned' : "sanitiser {$row->text('sanitiser_ppm')} ppm",
                $row->text('name'),
                false,
            ),
            array_reverse(Row::all($done)),
        );
    }

    /** @return list<Checked> */
    private function cooling(): array
    {
        $rows = [];
        foreach ($this->between(CoolingReading::query()->with(['making', 'person']), 'taken_at') as $one) {
            $rows[] = self::row(
                $one->taken_at,
                "Batch {$one->making->number}, {$one->making->asMade()->name}",
                $this->words->degrees(Temperature::ofCelsius($one->celsius_tenths / 10)),
                $one->person->name,
                false,
            );
        }

        return $rows;
    }

    /** @return list<Checked> */
    private function freezing(): array
    {
        $rows = [];
        $runs = $this->between(
            FreezingRun::query()->with(['place', 'starter', 'items'])->where('purpose', 'raw'),
            'loaded_at',
        );
        foreach ($runs as $run) {
            $met = $run->items->whereNotNull('rule_met')->count();
            $rows[] = self::row(
                $run->loaded_at,
                "Record {$run->number}, {$run->place->name}",
                "{$met} of {$run->items->count()} meet a rule asked",
                $run->starter->name,
                false,
            );
        }

        return $rows;
    }

    /** @return list<Checked> */
    private function discarded(): array
    {
        $rows = [];
        $left = $this->between(
            KeptLeaving::query()
                ->with(['lot.dish', 'person'])
                ->where('how', LeavesAs::Discarded->value)
                ->where('count', '>', 0),
            'left_at',
        );
        foreach ($left as $one) {
            $rows[] = self::row(
                $one->left_at,
                "{$one->count} × {$one->lot->dish->name}",
                $one->reason,
                $one->person->name,
                false,
            );
        }

        return $rows;
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @return Collection<int, T>
     */
    private function between(Builder $query, string $column): Collection
    {
        $query
            ->where($column, '>=', Moment::written($this->from))
            ->where($column, '<', Moment::written($this->to))
            ->orderBy($column)
            ->limit(self::MOST);

        return $query->get();
    }

    private static function row(string $at, string $what, string $result, string $by, bool $bad): Checked
    {
        return new Checked(Moment::at($at)->format('D j M, H:i'), $what, $result, $by, $bad);
    }
}
