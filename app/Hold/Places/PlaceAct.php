<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What somebody did about a place that was out of range. Never changed.
 *
 * @property string $id
 * @property string $place_id
 * @property string $what
 * @property string $done_by
 * @property string $done_at ISO 8601
 * @property-read Person $doer
 * @property-read Place $place
 */
final class PlaceAct extends Record
{
    protected $table = 'place_acts';

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function doer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'done_by');
    }
}
