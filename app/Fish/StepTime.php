<?php

declare(strict_types=1);

namespace App\Fish;

use Illuminate\Database\Eloquent\Model;

/**
 * When somebody said that a step was done.
 *
 * @property int $id
 * @property string $fish_id
 * @property int $step
 * @property string $said_by
 * @property string $said_at ISO 8601
 */
final class StepTime extends Model
{
    protected $table = 'step_times';

    public $timestamps = false;

    protected $guarded = [];
}
