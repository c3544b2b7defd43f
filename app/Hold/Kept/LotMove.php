<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Database\Row;
use App\Kitchen\Record;

/**
 * Where a tray was put. Never changed: the latest counts.
 *
 * @property string $id
 * @property string $lot_id
 * @property string $place_id
 * @property string $moved_by
 * @property string $moved_at ISO 8601
 */
final class LotMove extends Record
{
    protected $table = 'lot_moves';

    /**
     * @param  array<array-key, mixed>  $lots
     * @return array<string, string> name of the place by lot
     */
    public static function latest(array $lots): array
    {
        $rows = self::rows()
            ->join('places', 'places.id', 'lot_moves.place_id')
            ->whereIn('lot_id', $lots)
            ->orderBy('moved_at')
            ->get(['lot_id', 'places.name']);
        $latest = [];
        foreach (Row::all($rows) as $row) {
            $latest[$row->text('lot_id')] = $row->text('name');
        }

        return $latest;
    }
}
