<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A count at the end of a service, with what is handed over. Never changed.
 *
 * @property string $id
 * @property string $day the kitchen day
 * @property string $service midday or evening
 * @property string $note half-done fish, and what the next has to know
 * @property string $counted_by
 * @property string $counted_at ISO 8601
 * @property-read Person $person
 */
final class ClosingCount extends Record
{
    protected $table = 'closing_counts';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'counted_by');
    }
}
