<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When somebody cuts on a day.
 *
 * @property string $id
 * @property string $day its kitchen day, 2026-11-27
 * @property string $person_id
 * @property int $from_minute of the day
 * @property int $to_minute
 * @property bool $off not there that day
 * @property int $version
 * @property string $stored_by
 * @property-read Person $person
 */
final class Shift extends Record
{
    protected $table = 'shifts';

    protected $attributes = ['off' => false, 'version' => 1];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['off' => 'boolean'];
    }
}
