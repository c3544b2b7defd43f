<?php

declare(strict_types=1);

namespace App\Fish;

use Illuminate\Database\Eloquent\Model;

/**
 * A container with what it weighs empty.
 *
 * @property string $name
 * @property int $mass_mg
 */
final class Tare extends Model
{
    protected $table = 'tares';

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];
}
