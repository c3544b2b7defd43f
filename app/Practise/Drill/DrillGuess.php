<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Kitchen\Database\Table;

/**
 * A weight somebody said in a drill, and what it was.
 *
 * @property int $seq
 * @property string $drill_id
 * @property string $person_id
 * @property string $kind
 * @property string $shape
 * @property string $size
 * @property int $guess_mg
 * @property int $true_mg
 * @property string $said_at
 */
final class DrillGuess extends Table
{
    protected $table = 'drill_guesses';

    protected $primaryKey = 'seq';
}
