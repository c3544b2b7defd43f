<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Kitchen\Database\KeyedTable;
use App\Kitchen\Database\Row;

/**
 * A fish whose row in the ledger could not be worked out. It is tried again when something of it changes.
 *
 * @property string $fish_id
 * @property string $at
 */
final class SkippedFish extends KeyedTable
{
    protected $table = 'log_skipped';

    protected $primaryKey = 'fish_id';

    /** @return list<Answer> */
    public static function shown(): array
    {
        return array_map(
            fn (Row $row): array => [
                'fish' => $row->text('id'),
                'number' => (int) $row->number('number'),
                'species' => Species::standing($row->text('species_id'))->name,
            ],
            Row::all(
                Fish::rows()
                    ->whereIn('id', self::rows()->select('fish_id'))
                    ->orderBy('number')
                    ->get(['id', 'number', 'species_id']),
            ),
        );
    }
}
