<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Hold\Things\OfAThing;
use App\Kitchen\Database\Table;

/**
 * What is treated: a fish, a side, a piece, or a tray of portions.
 *
 * @property string $treating_id
 * @property string|null $piece_id
 * @property string|null $batch_id
 */
final class TreatedThing extends Table
{
    use OfAThing;

    protected $table = 'treated_things';

    public $incrementing = false;
}
