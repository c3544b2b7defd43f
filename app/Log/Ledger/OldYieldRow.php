<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Table;

/**
 * A yield that was taken over from an old notebook or another house.
 *
 * @property int $seq
 * @property string $act it was taken over with
 * @property string $file
 * @property int $row line of the file
 * @property string $species_id
 * @property string $state
 * @property string $step
 * @property int $each_mg of one fish
 * @property float $yield_pct
 * @property string $cut_on ISO 8601 day; empty when nobody said
 * @property string $cutter a person's id, or a name behind “old: ”
 * @property string $supplier a supplier's id, or a name behind “old: ”
 * @property string $method
 * @property string $taken_by
 * @property string $taken_at ISO 8601
 */
final class OldYieldRow extends Table
{
    /** What stands before a name that is nobody's here. */
    public const OLD = 'old: ';

    protected $table = 'old_yields';

    protected $primaryKey = 'seq';
}
