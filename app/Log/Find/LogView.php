<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Kitchen\Record;

/**
 * A search somebody saved under a name, for himself.
 *
 * @property string $id
 * @property string $person_id
 * @property string $name
 * @property string $query of the log's address, without its question mark
 * @property string|null $retired_at
 * @property int $version
 */
final class LogView extends Record
{
    protected $table = 'log_views';

    protected $attributes = ['version' => 1];
}
