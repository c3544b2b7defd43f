<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Route\Batches\DrawnFor;

/**
 * So much drawn from a batch, for what, and at what cost. Only ever added to.
 *
 * @property string $id ULID
 * @property string $act ULID of the one act several batches may have been drawn on in
 * @property string $making_id
 * @property int $milli thousandths of a litre or a kilo; below zero when it takes another back
 * @property int $minor below zero when it takes another back
 * @property DrawnFor $how
 * @property string|null $dish_id
 * @property string|null $into_id the batch it went into
 * @property string|null $undoes the act it takes back
 * @property string $drawn_by
 * @property string $drawn_at ISO 8601
 * @property-read Person $person
 */
final class BatchDrawn extends Record
{
    protected $table = 'batch_draws';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'drawn_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['how' => DrawnFor::class];
    }
}
