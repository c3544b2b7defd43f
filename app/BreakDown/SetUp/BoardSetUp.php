<?php

declare(strict_types=1);

namespace App\BreakDown\SetUp;

use App\Kitchen\Record;
use Sectum\BreakDown\SetUp\Knife;

/**
 * The board as it was set up for a lot. Only ever added to; the last of a lot counts.
 *
 * @property string $id ULID
 * @property string $lot the line's id; "fish " and the fish's for one without a line
 * @property string $laid codes of Laid, a space between
 * @property Knife $knife
 * @property string|null $sharpened_on ISO 8601 day
 * @property string $done_by
 * @property string $done_at ISO 8601
 */
final class BoardSetUp extends Record
{
    protected $table = 'board_setups';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['knife' => Knife::class];
    }
}
