<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use Generator;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Sectum\Hold\Places\OutOfRange;
use Sectum\Hold\Point;
use Sectum\Measure\Temperature;

/** What the air of a place was over a stretch of time, in minutes since it began. */
final readonly class PlaceRecord
{
    private const COLUMNS = ['place_id', 'at_s', 'tenths', 'source', 'taken_by'];

    /**
     * @param  list<Row>  $rows  in order of time
     * @param  int  $from  when it began, seconds since 1970
     */
    public function __construct(public Place $place, public array $rows, private int $from)
    {
    }

    /**
     * One place after the other, so that a month of all of them is never in memory at once.
     *
     * @param  Collection<int, Place>  $places
     * @return Generator<string, self> by place; one nobody read is not among them
     */
    public static function each(Collection $places, int $from, ?int $to = null): Generator
    {
        $known = $places->keyBy('id');
        $all = TemperatureReading::rows()
            ->whereIn('place_id', $known->keys()->all())
            ->where('probe', 'air')
            ->whereBetween('at_s', [$from, $to ?? PHP_INT_MAX])
            ->orderBy('place_id')
            ->orderBy('at_s')
            ->select(self::COLUMNS);
        $rows = [];
        $of = '';
        foreach ($all->cursor() as $one) {
            $row = Row::of($one);
            if ($row->text('place_id') !== $of && $rows !== []) {
                yield $of => new self($known->get($of) ?? new Place(), $rows, $from);
                $rows = [];
            }
            $of = $row->text('place_id');
            $rows[] = $row;
        }
        if ($rows !== []) {
            yield $of => new self($known->get($of) ?? new Place(), $rows, $from);
        }
    }

    /**
     * The last that was read in each of the places, however long ago.
     *
     * @param  list<string>  $places
     * @return array<string, Row> by place; one that nobody ever read is not in it
     */
    public static function lasts(array $places): array
    {
        $last = array_intersect_key(TemperatureReading::lastRead(), array_flip($places));
        $found = [];
        if ($last !== []) {
            $query = TemperatureReading::rows()->where('probe', 'air');
            $query->where(function (Builder $any) use ($last): void {
                foreach ($last as $place => $at) {
                    $any->orWhere(fn (Builder $of) => $of->where('place_id', $place)->where('at_s', $at));
                }
            });
            foreach (Row::all($query->get(self::COLUMNS)) as $row) {
                $found[$row->text('place_id')] = $row;
            }
        }

        return $found;
    }

    public static function read(Row $row): Temperature
    {
        return Temperature::ofCelsius($row->number('tenths') / 10);
    }

    /** @return list<Point> */
    public function points(): array
    {
        return array_map(
            fn (Row $row): Point => new Point($this->minute($row), $row->number('tenths') / 10),
            $this->rows,
        );
    }

    /** @return list<OutOfRange> longer than a door is open; what a hand read counts at once */
    public function outOfRange(): array
    {
        return OutOfRange::all(
            $this->points(),
            $this->place->limits(),
            array_map(
                $this->minute(...),
                array_values(array_filter($this->rows, fn (Row $row): bool => $row->text('taken_by') !== '')),
            ),
            Settings::load()->hold->doorMinutes,
        );
    }

    private function minute(Row $row): float
    {
        return ($row->number('at_s') - $this->from) / 60;
    }
}
