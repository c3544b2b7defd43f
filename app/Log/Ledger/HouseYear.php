<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Database\Query\Builder;
use Sectum\Log\YearsMoney;
use Sectum\Measure\Mass;

/**
 * What a point of yield is worth a year: the kilos this house cuts of the fish that are asked about, at its own cost.
 */
final readonly class HouseYear
{
    /** @param  Builder  $rows  of the ledger */
    public static function of(Builder $rows): ?YearsMoney
    {
        $settings = Settings::load();
        $of = Row::maybe(
            (clone $rows)
                ->whereNotNull('cut_on')
                ->selectRaw('sum(whole_mg) as whole, min(cut_on) as first, max(cut_on) as last')
                ->selectRaw('sum(case when cost_minor is not null then cost_minor else 0 end) as cost')
                ->selectRaw('sum(case when cost_minor is not null then edible_mg else 0 end) as edible')
                ->first(),
        );
        if ($of === null || $of->text('first') === '') {
            return null;
        }

        return YearsMoney::of(
            Mass::ofMilligrams((int) $of->number('whole')),
            1 + (int) Moment::at($of->text('first'))->diff(Moment::at($of->text('last')))->format('%a'),
            $settings->money((int) $of->number('cost')),
            Mass::ofMilligrams((int) $of->number('edible')),
        );
    }
}
