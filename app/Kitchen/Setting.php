<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\KeyedTable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One thing the head chef has set otherwise than it came.
 *
 * @property string $key
 * @property string $value
 * @property string|null $changed_by
 * @property string|null $changed_at
 * @property-read Person|null $person
 */
final class Setting extends KeyedTable
{
    protected $table = 'settings';

    protected $primaryKey = 'key';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'changed_by');
    }
}
