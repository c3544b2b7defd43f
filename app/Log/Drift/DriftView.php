<?php

declare(strict_types=1);

namespace App\Log\Drift;

use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Find\FishQuery;
use App\Log\Find\KnownNames;
use Sectum\Log\Drift\Baseline;
use Sectum\Log\Drift\Chart;
use Sectum\Log\Find\Named;

/**
 * Has something changed? A chart a cutter, species, supplier, and one of the scale: every fish against what the chart
 * began with. A chart begins after the first third of what is known of it, and never more than a quarter of a year ago.
 */
final readonly class DriftView
{
    private const DAYS = 91;

    /** Weights farther from adding up than this, in spreads, are a mistake and no drift of the scale. */
    private const MISTAKE = 6.0;

    private const OF = [
        'cutter' => ['cutter_id', Named::Cutter],
        'species' => ['species_id', Named::Species],
        'supplier' => ['supplier_id', Named::Supplier],
    ];

    public function __construct(private Person $reader)
    {
    }

    /** @return Answer those that signal first */
    public function all(): array
    {
        $charts = $this->charts();
        usort($charts, fn (NamedChart $a, NamedChart $b): int => $b->chart->signals() <=> $a->chart->signals());

        return [
            'charts' => array_map(fn (NamedChart $one): array => $one->shown(), $charts),
            'fewest' => Baseline::FEWEST,
        ];
    }

    /** @return list<NamedChart> */
    public function charts(): array
    {
        $rows = Row::all(
            FishQuery::of([], $this->reader)
                ->measured()
                ->where('logged_fish.step', '!=', '')
                ->orderBy('number')
                ->selectRaw('fish_id, number, cut_on, logged_fish.species_id, supplier_id, cutter_id, residual_z')
                ->selectRaw('('.FishQuery::OFF.') / logged_groups.scale as off')
                ->get(),
        );
        $known = new KnownNames($this->reader);
        $charts = [];
        foreach (self::OF as $of => [$column, $named]) {
            foreach ($this->levels($rows, $column) as $level => $fish) {
                $charts[] = self::chart($of, $level, $known->of($named)[$level] ?? $level, $fish, 'off');
            }
        }
        $charts[] = self::chart('scale', '', '', array_values(array_filter(
            $rows,
            fn (Row $row): bool => $row->text('residual_z') !== '' &&
                abs($row->number('residual_z')) < self::MISTAKE,
        )), 'residual_z');

        return $charts;
    }

    /**
     * @param  list<Row>  $rows
     * @return array<string, list<Row>> fish by level, in order
     */
    private function levels(array $rows, string $column): array
    {
        $levels = [];
        foreach ($rows as $row) {
            $level = $row->text($column);
            $hidden =
                $column === 'cutter_id' && $this->reader->role !== Role::HeadChef && $level !== $this->reader->id;
            if ($level !== '' && ! $hidden) {
                $levels[$level][] = $row;
            }
        }
        ksort($levels);

        return $levels;
    }

    /** @param  list<Row>  $fish */
    private static function chart(string $of, string $level, string $name, array $fish, string $column): NamedChart
    {
        $earliest = Moment::day(now())->modify('-'.self::DAYS.' days')->format('Y-m-d');
        $old = count(array_filter($fish, fn (Row $row): bool => $row->text('cut_on') < $earliest));

        return new NamedChart(
            $of,
            $level,
            $name,
            Chart::of(array_map(fn (Row $row): float => $row->number($column), $fish), $old),
            $fish,
        );
    }
}
