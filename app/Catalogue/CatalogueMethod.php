<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\KeyedTable;

/**
 * A method, as it is shipped or as the house copied and changed it.
 *
 * @property string $method its code
 * @property string $name
 * @property string $form of the body it is for
 * @property string $not_for states it is no method for
 * @property string $why
 * @property string $source
 * @property string|null $copied_from null for one that is shipped
 * @property int $version
 */
final class CatalogueMethod extends KeyedTable
{
    protected $table = 'methods';

    protected $primaryKey = 'method';
}
