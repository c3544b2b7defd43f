<?php

declare(strict_types=1);

namespace App\Hold\Checks;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The scale with a known weight on it, or the probe in ice water. Never changed.
 *
 * @property string $id
 * @property string $instrument scale or probe
 * @property int $expected milligrams, or tenths of a degree
 * @property int $measured
 * @property int $within it may be off by
 * @property bool $good
 * @property string $note
 * @property string $checked_by
 * @property string $checked_at ISO 8601
 * @property-read Person $person
 */
final class InstrumentCheck extends Record
{
    protected $table = 'instrument_checks';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'checked_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['good' => 'boolean'];
    }
}
