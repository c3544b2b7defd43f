<?php

declare(strict_types=1);

namespace App\BreakDown\Sample;

use App\Kitchen\Record;

/**
 * One fish of a batch weighed by itself, or one such weighing taken back. Never changed.
 *
 * @property string $id ULID
 * @property string $fish_id
 * @property int|null $mass_mg
 * @property string|null $undoes the weighing this takes back
 * @property string $taken_by
 * @property string $taken_at ISO 8601
 */
final class SampleWeighing extends Record
{
    protected $table = 'sample_weighings';
}
