<?php

declare(strict_types=1);

namespace App\BreakDown\CleanDown;

use App\Kitchen\Record;

/**
 * The board was cleaned down: by whom, what of it, and how strong the sanitiser was. Never changed.
 *
 * @property string $id ULID
 * @property string $what codes of Cleaned, a space between
 * @property float|null $sanitiser_ppm what the strip said; null when nobody dipped one
 * @property string|null $fish_id what lay on the board then
 * @property string $done_by
 * @property string $written_by
 * @property string $done_at ISO 8601
 */
final class CleanedDown extends Record
{
    protected $table = 'clean_downs';
}
