<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Ledger\LedgerState;
use Illuminate\Database\Query\Builder;
use Sectum\Log\Find\Level;
use Sectum\Log\Find\Named;
use Sectum\Log\Find\SplitBy;
use Sectum\Measure\Mass;

/**
 * The fish that are sought beside one another by one thing: every level with its fish as points and its mean with its
 * spread. What else differs between the levels is not told apart here; that is what the effects are for.
 */
final readonly class Multiples
{
    /** Points that are drawn of a level: the latest. */
    private const POINTS = 80;

    /** Levels that are shown: those with most fish. */
    private const LEVELS = 16;

    /** @return Answer */
    public function of(FishQuery $query, Person $person, SplitBy $by): array
    {
        $measured = $query->measured();
        if ($by === SplitBy::Cutter && $person->role !== Role::HeadChef) {
            $measured->where('cutter_id', $person->id);
        }

        return LedgerState::remembered(
            "multiples {$by->value} {$person->units->value} {$measured->toRawSql()}",
            fn (): array => $this->found($query, $by, $measured),
        );
    }

    /** @return Answer */
    private function found(FishQuery $query, SplitBy $by, Builder $measured): array
    {
        $column = self::column($by);
        $off = FishQuery::OFF;
        $levels = Row::all(
            (clone $measured)
                ->whereRaw("{$column} is not null")
                ->groupByRaw('level')
                ->selectRaw(
                    "{$column} as level, count(*) as many, sum({$off}) as sum, sum(({$off}) * ({$off})) as squares",
                )
                ->orderByRaw('many desc, level')
                ->limit(self::LEVELS)
                ->get(),
        );
        $points = $this->points($measured, $column, $levels);

        return [
            'by' => $by->value,
            'asked' => $query->said(),
            'levels' => array_map(fn (Row $row): array => self::level($row, $by, $query, $points), $levels),
            'suspect' => $query->rows()->whereNotNull('suspect')->count(),
        ];
    }

    /**
     * @param  array<string, list<float>>  $points
     * @return Answer
     */
    private static function level(Row $row, SplitBy $by, FishQuery $query, array $points): array
    {
        $level = Level::of((int) $row->number('many'), $row->number('sum'), $row->number('squares'));

        return [
            'level' => $row->text('level'),
            'name' => self::name($by, $row->text('level'), $query),
            'fish' => $level->count,
            'mean' => round($level->mean, 2),
            'low' => $level->low === null ? null : round($level->low, 2),
            'high' => $level->high === null ? null : round($level->high, 2),
            'points' => $points[$row->text('level')] ?? [],
        ];
    }

    /**
     * @param  list<Row>  $levels
     * @return array<string, list<float>> points above what was expected, by level
     */
    private function points(Builder $measured, string $column, array $levels): array
    {
        $ranked = (clone $measured)
            ->whereIn(
                $measured->raw($column),
                array_map(fn (Row $row): string => $row->text('level'), $levels),
            )
            ->selectRaw("cast({$column} as text) as level, ".FishQuery::OFF.' as off')
            ->selectRaw("row_number() over (partition by {$column} order by number desc) as place");
        $points = [];
        foreach (
            Row::all(
                $measured->newQuery()->fromSub($ranked, 'ranked')->where('place', '<=', self::POINTS)->get(),
            ) as $row
        ) {
            $points[$row->text('level')][] = round($row->number('off'), 2);
        }

        return $points;
    }

    private static function column(SplitBy $by): string
    {
        return match ($by) {
            SplitBy::Species => 'logged_fish.species_id',
            SplitBy::State => 'logged_fish.state',
            SplitBy::Size => 'cast(floor(doublings) as text)',
            SplitBy::Supplier => 'supplier_id',
            SplitBy::Cutter => 'cutter_id',
            SplitBy::Method => "nullif(method, '')",
            SplitBy::Month => 'substr(cut_on, 1, 7)',
            SplitBy::FatGrade => 'fat_grade',
        };
    }

    private static function name(SplitBy $by, string $level, FishQuery $query): string
    {
        $of = fn (Named $kind): string => $query->known()->of($kind)[$level] ?? $level;

        return match ($by) {
            SplitBy::Species => $of(Named::Species),
            SplitBy::State => $of(Named::State),
            SplitBy::Supplier => $of(Named::Supplier),
            SplitBy::Cutter => $of(Named::Cutter),
            SplitBy::Method => $of(Named::Method),
            SplitBy::Month => Moment::at("{$level}-01")->format('M Y'),
            SplitBy::FatGrade => $level,
            SplitBy::Size => self::size((int) $level),
        };
    }

    private static function size(int $doublings): string
    {
        $words = Words::ofReader();
        $grams = fn (int $power): string => $words->text(Mass::ofGrams(round(1000 * 2 ** $power)));

        return $grams($doublings).' to '.$grams($doublings + 1);
    }
}
