<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\KeyedTable;

/**
 * A fish whose row in the ledger is missing or old. The database marks it with every change the fish counts.
 *
 * @property string $fish_id
 */
final class StaleFish extends KeyedTable
{
    protected $table = 'log_stale';

    protected $primaryKey = 'fish_id';

    /**
     * Something was said of fish that they do not count as a change.
     *
     * @param  list<string>  $fish
     */
    public static function mark(array $fish): void
    {
        self::rows()->insertOrIgnore(array_map(fn (string $one): array => ['fish_id' => $one], $fish));
    }
}
