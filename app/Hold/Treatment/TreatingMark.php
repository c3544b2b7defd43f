<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that was done in a treatment: an ingredient weighed in, turned, rinsed, dried. Never changed.
 *
 * @property string $id
 * @property string $treating_id
 * @property string $what turn, rinse, dry, or what was weighed in
 * @property int|null $mass_mg of what was weighed in
 * @property string $done_by
 * @property string $done_at ISO 8601
 * @property-read Person $doer
 */
final class TreatingMark extends Record
{
    protected $table = 'treating_marks';

    /** @return BelongsTo<Person, $this> */
    public function doer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'done_by');
    }
}
