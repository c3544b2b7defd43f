<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Log\Complaint\ComplaintStep;

/**
 * One thing that was done about a complaint; only ever added to.
 *
 * @property string $id ULID
 * @property string $complaint_id
 * @property ComplaintStep $what
 * @property string $text
 * @property string $written_by
 * @property string $written_at ISO 8601
 * @property-read Person $writer
 */
final class ComplaintEntry extends Record
{
    protected $table = 'complaint_steps';

    /** @return BelongsTo<Person, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'written_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['what' => ComplaintStep::class];
    }
}
