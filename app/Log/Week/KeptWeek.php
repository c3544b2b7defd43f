<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Database\KeyedTable;

/**
 * A week's page as it was printed. Never changed.
 *
 * @property string $monday ISO 8601 day
 * @property string $pdf the file's bytes
 * @property string $made_at ISO 8601
 */
final class KeptWeek extends KeyedTable
{
    protected $table = 'weeks';

    protected $primaryKey = 'monday';
}
