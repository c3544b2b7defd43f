<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\KeyedTable;

/**
 * A part of a fish, as the catalogue describes it.
 *
 * @property string $part its code
 * @property string $name
 * @property string $family
 * @property string|null $default_bin
 * @property string $cut_from
 * @property string $forms of bodies that have it
 * @property string $source
 */
final class CataloguePart extends KeyedTable
{
    protected $table = 'parts';

    protected $primaryKey = 'part';
}
