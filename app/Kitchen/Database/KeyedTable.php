<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

/** A table whose rows are known by a word of their own, a code or a name, not by a number the database counts. */
abstract class KeyedTable extends Table
{
    public $incrementing = false;

    protected $keyType = 'string';
}
