<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Table;

/**
 * What fish of a kind, as bought, give here at a yield step, by size; over all its fish that are not suspect.
 *
 * @property string $species_id
 * @property string $state
 * @property string $step
 * @property int $records
 * @property float $at_kilo percent a fish of one kilo gives
 * @property float $slope points a doubling of its mass brings
 * @property float $scale of Student's t, points
 */
final class LoggedGroup extends Table
{
    protected $table = 'logged_groups';

    protected $primaryKey = null;

    public $incrementing = false;
}
