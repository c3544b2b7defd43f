<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Database\Row;
use App\Kitchen\Database\Table;
use Illuminate\Database\Query\Builder;
use Sectum\Hold\Point;

/**
 * What a probe in a place said at a moment: of its air, or of the core of what freezes in it. Never changed.
 *
 * @property int $seq
 * @property string $place_id
 * @property string $probe air or core
 * @property int $at_s seconds since 1970
 * @property int $tenths of a degree Celsius
 * @property string $source logger, file, typed or probe
 * @property string|null $taken_by
 */
final class TemperatureReading extends Table
{
    protected $table = 'temperatures';

    /** @return Builder of one probe, in order of time */
    public static function of(string $place, string $probe, int $from, ?int $to = null): Builder
    {
        return self::rows()
            ->where('place_id', $place)
            ->where('probe', $probe)
            ->whereBetween('at_s', [$from, $to ?? PHP_INT_MAX])
            ->orderBy('at_s');
    }

    /**
     * When the air of each place was read last.
     *
     * @return array<string, int> seconds since 1970, by place; one that was never read is not in it
     */
    public static function lastRead(): array
    {
        // One step into the index for each place: grouping would go through every reading there is.
        $last = self::rows()->selectRaw('max(at_s)')->whereColumn('place_id', 'places.id')->where('probe', 'air');
        $read = [];
        foreach (Row::all(Place::rows()->select('id')->selectSub($last, 'at_s')->get()) as $row) {
            if ($row->text('at_s') !== '') {
                $read[$row->text('id')] = (int) $row->number('at_s');
            }
        }

        return $read;
    }

    /**
     * What the air of places was in the last so many seconds before each was read last.
     *
     * @param  array<string, int>  $last  by place
     * @return array<string, list<float>> °C
     */
    public static function upTo(array $last, int $seconds): array
    {
        $query = self::rows()->where('probe', 'air')->where(function (Builder $any) use ($last, $seconds): void {
            foreach ($last as $place => $at) {
                $any->orWhere(
                    fn (Builder $of) => $of->where('place_id', $place)->whereBetween('at_s', [$at - $seconds, $at]),
                );
            }
        });
        $read = [];
        foreach ($last === [] ? [] : Row::all($query->get(['place_id', 'tenths'])) as $row) {
            $read[$row->text('place_id')][] = $row->number('tenths') / 10;
        }

        return $read;
    }

    /**
     * As the core reads a record: minutes since a moment.
     *
     * @return list<Point>
     */
    public static function points(string $place, string $probe, int $from, ?int $to = null, ?int $origin = null): array
    {
        $origin ??= $from;
        $points = [];
        foreach (self::of($place, $probe, $from, $to)->pluck('tenths', 'at_s') as $at => $tenths) {
            $points[] = new Point(((int) $at - $origin) / 60, (is_numeric($tenths) ? (int) $tenths : 0) / 10);
        }

        return $points;
    }
}
