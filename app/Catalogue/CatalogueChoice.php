<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;

/**
 * An option of a question that a method asks.
 *
 * @property string $method
 * @property string $question
 * @property string $asks
 * @property string $option
 * @property string $name
 * @property string $why
 * @property string $part
 * @property float $costs_pct of the fish
 * @property string $usual
 * @property string $source
 */
final class CatalogueChoice extends Table
{
    protected $table = 'method_choices';
}
