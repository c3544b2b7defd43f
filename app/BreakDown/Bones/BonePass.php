<?php

declare(strict_types=1);

namespace App\BreakDown\Bones;

use App\Kitchen\Record;

/**
 * A pass over a fillet for its pin bones. Never changed; a later one stands over it.
 *
 * @property string $id ULID
 * @property string $fish_id
 * @property string $piece_id
 * @property int $found
 * @property bool $second_pass
 * @property string|null $waived why nobody counted
 * @property list<float> $marks where they were found, 0 at the head end to 1
 * @property bool $later whether they were found while portioning
 * @property string $checked_by
 * @property string|null $checked_with who checked it with somebody not signed for bones
 * @property string $checked_at ISO 8601
 */
final class BonePass extends Record
{
    protected $table = 'bone_checks';
}
