<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\Table;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A PIN that was tried. Counted as failed before it is looked at, so that guesses made at the same moment are all
 * counted.
 *
 * @property int $id
 * @property string $person_id
 * @property string $address
 * @property string|null $tablet null where it is not known
 * @property int $at_s Unix time
 * @property bool $failed
 * @property-read Person $person
 */
final class PinTry extends Table
{
    protected $table = 'pin_tries';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['failed' => 'boolean'];
    }
}
