<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use Illuminate\Database\Eloquent\Model;

/**
 * How many portions of a dish a day needs.
 *
 * @property string $day
 * @property string $dish_id
 * @property int $need
 */
final class WantedTonight extends Model
{
    protected $table = 'wanted';

    public $timestamps = false;

    protected $guarded = [];
}
