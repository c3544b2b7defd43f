<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\Table;

/**
 * When somebody said that a step was done.
 *
 * @property int $id
 * @property string $fish_id
 * @property int $step
 * @property string $said_by
 * @property string $said_at ISO 8601
 */
final class StepTime extends Table
{
    protected $table = 'step_times';
}
