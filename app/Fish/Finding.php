<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Record;

/**
 * Something found inside a fish, as it was written down.
 *
 * @property string $id ULID
 * @property string $fish_id
 * @property string $kind see FindKind
 * @property int|null $mass_mg what was lost by it; null when nobody weighed it
 * @property string $note
 * @property bool $claimed whether the supplier hears of it
 * @property string|null $photo_id
 * @property string $found_by
 * @property string $found_at ISO 8601
 */
final class Finding extends Record
{
    protected $table = 'finds';
}
