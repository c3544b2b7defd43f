<?php

declare(strict_types=1);

namespace App\Hold\Exposure;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The head chef's word that fish beyond the house's own limit may be used, with the reason. Never changed.
 *
 * @property string $id
 * @property string $fish_id
 * @property string $reason
 * @property string $released_by
 * @property string $released_at ISO 8601
 * @property-read Person $person
 */
final class FishRelease extends Record
{
    protected $table = 'releases';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'released_by');
    }
}
