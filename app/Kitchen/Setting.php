<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Model;
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
final class Setting extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'changed_by');
    }
}
