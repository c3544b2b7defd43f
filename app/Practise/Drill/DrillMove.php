<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Kitchen\Database\Table;

/**
 * A stroke over a side or a cut into it, and what was felt or weighed. Never changed.
 *
 * @property int $seq
 * @property string $drill_id
 * @property int $number from 1
 * @property Answer $move
 * @property Answer $said
 * @property string $made_at
 */
final class DrillMove extends Table
{
    protected $table = 'drill_moves';

    protected $primaryKey = 'seq';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['move' => 'array', 'said' => 'array'];
    }

    /** Where a cut went, cm from the head end. */
    public function cm(): float
    {
        $cm = $this->move['cm'] ?? null;

        return is_numeric($cm) ? (float) $cm : 0.0;
    }
}
