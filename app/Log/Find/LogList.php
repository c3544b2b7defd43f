<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\FishTree;
use App\Fish\KeelView;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Ledger\LedgerState;
use App\Log\Ledger\SkippedFish;
use Illuminate\Database\Query\Builder;
use Sectum\Log\Find\SuspectWhy;
use Sectum\Measure\Percent;

/** The fish that are sought, one keel a row: newest first, or by what they gave against what was expected. */
final readonly class LogList
{
    private const A_PAGE = 12;

    /** By which the rows stand. */
    private const SORTS = ['newest', 'above', 'below'];

    /** @return Answer */
    public function page(FishQuery $query, Person $person, int $page, string $sort): array
    {
        in_array($sort, self::SORTS, true) || throw Fault::inField('/sort', 'Newest, above or below what is expected.');
        $total = $query->count();
        $page = max(1, $page);
        $asked = self::sorted($query->rows(), $sort)
            ->forPage($page, self::A_PAGE)
            ->selectRaw('fish_id, edible_pct, portions, suspect, '.FishQuery::OFF.' as off');
        $found = fn (): array => array_map(
            fn (Row $row): array => $row->cells(['fish_id', 'edible_pct', 'portions', 'suspect', 'off']),
            Row::all($asked->get()),
        );
        // Newest first is an index; by what they gave, every fish ever cut is set beside what its kind gives.
        $rows = $sort === 'newest' ? $found() : LedgerState::remembered($asked->toRawSql(), $found);

        return [
            'total' => $total,
            'page' => $page,
            'pages' => max(1, (int) ceil($total / self::A_PAGE)),
            'asked' => $query->said(),
            'rest' => $query->asked->rest,
            'skipped' => SkippedFish::shown(),
            'fish' => $this->fish(
                array_map(fn (array $row): Row => Row::of((object) $row), $rows),
                $person,
            ),
        ];
    }

    private static function sorted(Builder $rows, string $sort): Builder
    {
        return match ($sort) {
            'above' => $rows->whereNotNull('logged_groups.at_kilo')->orderByRaw(FishQuery::OFF.' desc'),
            'below' => $rows->whereNotNull('logged_groups.at_kilo')->orderByRaw(FishQuery::OFF),
            default => $rows->orderByDesc('number'),
        };
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Answer>
     */
    private function fish(array $rows, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $fish = Fish::forTheBench()
            ->whereKey(array_map(fn (Row $row): string => $row->text('fish_id'), $rows))
            ->get()
            ->keyBy(fn (Fish $one): string => $one->id);
        $list = [];
        foreach ($rows as $row) {
            $one = $fish->get($row->text('fish_id'));
            if ($one !== null) {
                $list[] = [
                    'fish' => FishHead::of($one, $words),
                    'keel' => KeelView::of($one, FishTree::of($one, $settings->scaleStep), $words),
                    'edible_yield' => $row->number('edible_pct') > 0
                        ? Percent::of($row->number('edible_pct'))->print()
                        : null,
                    'portions' => (int) $row->number('portions'),
                    'off' => $row->text('off') === '' ? null : round($row->number('off'), 1),
                    'suspect' => SuspectWhy::tryFrom($row->text('suspect'))?->value,
                ];
            }
        }

        return $list;
    }
}
