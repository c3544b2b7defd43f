<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;

/**
 * A weight once taken. Never changed and never deleted: the database refuses both.
 *
 * @property string $id
 * @property string $piece_id
 * @property int $mass_mg net
 * @property int $tare_mg what the scale had taken off
 * @property int $resolution_mg
 * @property int $seq the order in which readings came to be; what a clock said decides nothing
 * @property string $source "pan" or "typed"
 * @property string|null $typed as it was typed
 * @property string $taken_by
 * @property string $taken_at when it was weighed; kept in universal time
 * @property string|null $sent_at when it came to be known here, later where it waited
 * @property UnitSystem|null $units in which the scale was read
 * @property-read Person $person
 * @property-read ReadingVoid|null $void
 * @property-read Piece $piece
 */
final class Reading extends Record
{
    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'taken_by');
    }

    /** @return HasOne<ReadingVoid, $this> */
    public function void(): HasOne
    {
        return $this->hasOne(ReadingVoid::class);
    }

    protected static function booted(): void
    {
        self::creating(function (self $reading): void {
            $last = self::query()->max('seq');
            $reading->seq = (is_numeric($last) ? (int) $last : 0) + 1;
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['units' => UnitSystem::class];
    }

    public function mass(): Mass
    {
        return Mass::ofMilligrams($this->mass_mg);
    }

    public function resolution(): Mass
    {
        return Mass::ofMilligrams($this->resolution_mg);
    }
}
