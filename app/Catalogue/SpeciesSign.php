<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;

/**
 * A sign by which a kind of fish is known.
 *
 * @property string $species_id
 * @property int $place
 * @property string $sign
 * @property string $source
 */
final class SpeciesSign extends Table
{
    protected $table = 'species_signs';
}
