<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Kitchen\Database\Table;

/**
 * How many portions of a dish a day needs.
 *
 * @property string $day
 * @property string $dish_id
 * @property int $need
 */
final class WantedTonight extends Table
{
    protected $table = 'wanted';
}
