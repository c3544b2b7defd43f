<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Hold\Things\OfAThing;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Hold\Pack\PackKind;

/**
 * Something that was packed, with its date and its label.
 *
 * @property string $id
 * @property int $number
 * @property string|null $piece_id
 * @property string|null $batch_id a tray of portions
 * @property PackKind $how
 * @property bool $frozen whether it was frozen as it was packed
 * @property string $use_by the last day
 * @property string $why_then
 * @property string|null $cloth_due ISO 8601, when its cloth is changed
 * @property string $packed_by
 * @property string $packed_at
 * @property string|null $opened_at
 * @property string|null $opened_by
 * @property-read Person $packer
 */
final class Pack extends Record
{
    use OfAThing;

    protected $table = 'packs';

    /** @return Builder<self> those without air that nobody opened yet */
    public static function sealed(): Builder
    {
        return self::query()->where('how', PackKind::Vacuum->value)->whereNull('opened_at');
    }

    /** How what is frozen is kept, as its label says it. */
    public static function keepFrozen(bool $withoutAir): string
    {
        return $withoutAir ? 'Keep frozen. Packed without air: open before thawing.' : 'Keep frozen.';
    }

    /** @return BelongsTo<Person, $this> */
    public function packer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'packed_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['how' => PackKind::class, 'frozen' => 'boolean'];
    }
}
