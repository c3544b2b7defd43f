<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Kitchen\Database\KeyedTable;

/**
 * A piece cut by a plan: where it was told to be cut, and where its weight says it was.
 *
 * @property string $reading_id
 * @property string $fillet_id
 * @property string $cut_by
 * @property float $from_cm
 * @property float $to_cm
 * @property float $thin_mm
 * @property float $thick_mm
 * @property int|null $aim_mg
 * @property int|null $guess_mg what the cutter said before the scale did
 * @property bool $at_mark
 */
final class CutMade extends KeyedTable
{
    protected $table = 'cuts';

    protected $primaryKey = 'reading_id';
}
