<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Kitchen\Database\Table;

/**
 * When the head chef forgot what was learned of a shape.
 *
 * @property int $id
 * @property string $species_id
 * @property string $shape
 * @property string $reset_by
 * @property string $reset_at ISO 8601
 */
final class ShapeReset extends Table
{
    protected $table = 'shape_resets';
}
