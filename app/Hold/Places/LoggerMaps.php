<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Database\KeyedTable;

/**
 * How logger files with a header are read, as it was last said.
 *
 * @property string $header a digest of the header line
 * @property string $map JSON
 */
final class LoggerMaps extends KeyedTable
{
    protected $table = 'logger_maps';

    protected $primaryKey = 'header';
}
