<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Record;

/**
 * One fish somebody worked on beside another, who entered his PIN for it.
 *
 * @property string $id
 * @property string $fish_id
 * @property string $person_id
 * @property string $beside_id
 * @property string $said_at
 */
final class WorkBeside extends Record
{
    protected $table = 'works_beside';
}
