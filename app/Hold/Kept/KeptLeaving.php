<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Database\Table;
use App\Kitchen\Person;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Hold\Kept\LeavesAs;

/**
 * Portions that left, or came back when it was a mistake. Never changed; the database refuses more than are there.
 *
 * @property int $seq
 * @property string $act what they left with
 * @property string $lot_id
 * @property LeavesAs $how
 * @property int $count below zero when they came back
 * @property string|null $undoes the act they came back from
 * @property string $service midday or evening, where they were served
 * @property string $reason
 * @property string $left_by
 * @property string $left_at ISO 8601
 * @property-read KeptTray $lot
 * @property-read Person $person
 */
final class KeptLeaving extends Table
{
    protected $table = 'kept_leavings';

    protected $primaryKey = 'seq';

    /** @return BelongsTo<KeptTray, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(KeptTray::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'left_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['how' => LeavesAs::class];
    }
}
