<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\KeyedTable;
use App\Kitchen\Person;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A reading taken back, with the reason. The reading itself stays.
 *
 * @property string $reading_id
 * @property string $reason
 * @property string $voided_by
 * @property string $voided_at
 * @property int|null $after_seq the reading that was the latest then
 * @property-read Person $person
 */
final class ReadingVoid extends KeyedTable
{
    protected $table = 'reading_voids';

    protected $primaryKey = 'reading_id';

    protected static function booted(): void
    {
        self::creating(function (self $void): void {
            $void->after_seq = Reading::last();
        });
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'voided_by');
    }
}
