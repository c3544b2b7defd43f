<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A row of the kitchen's records, known by a ULID that the page may have made. */
abstract class Record extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];
}
