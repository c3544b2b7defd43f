<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\Table;

/**
 * A container with what it weighs empty.
 *
 * @property string $name
 * @property int $mass_mg
 */
final class Tare extends Table
{
    protected $table = 'tares';

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    public $incrementing = false;
}
