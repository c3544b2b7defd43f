<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\KeyedTable;

/**
 * A container with what it weighs empty.
 *
 * @property string $name
 * @property int $mass_mg
 */
final class Tare extends KeyedTable
{
    protected $table = 'tares';

    protected $primaryKey = 'name';
}
