<?php

declare(strict_types=1);

namespace App\BreakDown\Yields;

use App\Kitchen\Database\Table;

/**
 * What a fish gave at one yield step, kept beside the readings it was worked out from.
 *
 * @property string $fish_id
 * @property string $species_id
 * @property string $state
 * @property string $method
 * @property string $rung
 * @property float $pct of as purchased
 * @property int $each_mg mean of a portion
 */
final class KeptYield extends Table
{
    protected $table = 'yield_records';
}
