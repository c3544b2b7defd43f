<?php

declare(strict_types=1);

namespace App\Hold\Exposure;

use App\Kitchen\Record;

/**
 * Once a fish, or what is left of it, was out of the cold. Never changed; while it is out the fish itself says so.
 *
 * @property string $id
 * @property string $fish_id
 * @property string $out_at ISO 8601
 * @property string $out_by
 * @property string $in_at
 * @property string|null $in_by
 * @property int|null $room_tenths how warm the kitchen was; null where nobody measured it
 */
final class OutTime extends Record
{
    protected $table = 'times_out';
}
