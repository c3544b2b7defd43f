<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Record;

/**
 * Who sold the fish.
 *
 * @property string $id
 * @property string $name
 */
final class Supplier extends Record
{
    protected $table = 'suppliers';
}
