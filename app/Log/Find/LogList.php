<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\FishTree;
use App\Fish\KeelView;
use App\Fish\Supplier;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\PortionBench;
use Illuminate\Database\Eloquent\Builder;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Recovery;
use Sectum\Measure\Percent;

/** Every fish kept, newest first, one keel a row. */
final readonly class LogList
{
    private const A_PAGE = 12;

    /**
     * @param  string  $sought  part of a species' or supplier's name, or a number; empty for all
     * @param  int  $page  from 1
     * @return Answer
     */
    public function page(Person $person, string $sought, int $page): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $matching = Fish::forTheBench()->when(
            $sought !== '',
            fn (Builder $query): Builder => $this->matching($query, $sought),
        );
        $total = $matching->count();
        $page = max(1, $page);

        return [
            'total' => $total,
            'page' => $page,
            'pages' => max(1, (int) ceil($total / self::A_PAGE)),
            'fish' => array_map(function (Fish $fish) use ($settings, $words): array {
                $tree = FishTree::of($fish, $settings->scaleStep);
                $recovery = Recovery::of($tree, Reconcile::of($tree));
                $edible = $recovery->edibleYieldPct;

                return [
                    'fish' => FishHead::of($fish, $words),
                    'keel' => KeelView::of($fish, $tree, $words),
                    'edible_yield' => $edible === null || $edible <= 0 ? null : Percent::of($edible)->print(),
                    'portions' => PortionBench::countOf($fish),
                ];
            }, array_values($matching->orderByDesc('number')->forPage($page, self::A_PAGE)->get()->all())),
        ];
    }

    /**
     * @param  Builder<Fish>  $query
     * @return Builder<Fish>
     */
    private function matching(Builder $query, string $sought): Builder
    {
        $like = '%'.addcslashes($sought, '%_\\').'%';

        return $query->where(
            fn (Builder $any): Builder => $any
                ->whereIn(
                    'species_id',
                    Species::query()
                        ->whereRaw("name like ? escape '\\'", [$like])
                        ->select('id'),
                )
                ->orWhereIn(
                    'supplier_id',
                    Supplier::query()
                        ->whereRaw("name like ? escape '\\'", [$like])
                        ->select('id'),
                )
                ->orWhere('number', ctype_digit($sought) ? (int) $sought : -1),
        );
    }
}
