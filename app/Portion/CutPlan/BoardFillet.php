<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Kitchen\Record;

/**
 * A fillet as it was laid on the board: its size, how it is cut, and for which dishes.
 *
 * @property string $piece_id
 * @property string $fish_id
 * @property float $length_cm
 * @property float $thickness_mm greatest
 * @property bool $measured whether somebody laid a ruler beside it; else both are guessed from its mass
 * @property string $shape
 * @property int $square_mg squared off the head end
 * @property float $tail_mm where the tail is cut off, 0 for nowhere
 * @property string $school "exact", "fit" or "share"
 * @property bool $aimed whether the cuts allow for the cutter's scatter
 * @property bool $guess_first whether the cutter says the weight before the scale does
 * @property list<array{dish: string, max: int|null}> $kinds
 * @property list<float> $marks_cm the cutter's own marks; empty to cut where the planner says
 * @property int $version
 * @property string $laid_by
 * @property string $laid_at
 */
final class BoardFillet extends Record
{
    protected $table = 'boards';

    protected $primaryKey = 'piece_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'measured' => 'boolean',
            'aimed' => 'boolean',
            'guess_first' => 'boolean',
            'kinds' => 'array',
            'marks_cm' => 'array',
            'length_cm' => 'float',
            'thickness_mm' => 'float',
            'tail_mm' => 'float',
        ];
    }
}
