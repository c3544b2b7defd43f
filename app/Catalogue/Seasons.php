<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Row;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\FatGrade;
use Sectum\Fish\SeasonMonths;
use Sectum\Fish\SeasonSupply;
use Sectum\Fish\SeasonYear;

/** What the catalogue says of a kind of fish over the year: starting figures, every one with its source. */
final readonly class Seasons
{
    public static function of(string $species): SeasonYear
    {
        $rows = Row::all(DB::table('seasons')->where('species_id', $species)->orderBy('from_month')->get());

        return new SeasonYear(array_map(
            fn (Row $row): SeasonMonths => new SeasonMonths(
                $row->text('area'),
                (int) $row->number('from_month'),
                (int) $row->number('to_month'),
                FatGrade::tryFrom($row->text('fat')),
                $row->number('yield_points'),
                $row->text('roe') === '1',
                SeasonSupply::from($row->text('supply')),
                $row->text('why'),
                $row->text('source'),
            ),
            $rows,
        ));
    }
}
