<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Database\Table;
use Sectum\Hold\Logger\RowFault;

/**
 * Something a logger said that is no temperature of a kitchen: it is kept, and counts as silence.
 *
 * @property string $place_id
 * @property string $probe
 * @property int $at_s
 * @property string $said
 * @property RowFault $why
 */
final class ProbeFault extends Table
{
    protected $table = 'probe_faults';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['why' => RowFault::class];
    }
}
