<?php

declare(strict_types=1);

namespace App\BreakDown\Workmanship;

use App\Fish\Fish;
use App\Kitchen\Database\Row;
use App\Kitchen\Record;
use Sectum\BreakDown\Workmanship\Mark;

/**
 * Who cut a side, and what the knife left on it. Only ever added to; the last that says it counts.
 *
 * @property string $id ULID
 * @property string $fish_id
 * @property string $piece_id
 * @property string|null $cut_by null where only the marks are said
 * @property array<string, int> $marks by code of Mark
 * @property string $written_by
 * @property string $written_at ISO 8601
 */
final class SideWork extends Record
{
    protected $table = 'side_works';

    /**
     * Who is said to have cut each side, last said.
     *
     * @param  list<string>  $fish
     * @return array<string, array<string, string>> person by piece, by fish
     */
    public static function cutters(array $fish): array
    {
        $said = [];
        $rows = self::rows()->whereIn('fish_id', $fish)->whereNotNull('cut_by')->orderBy('rowid')->get();
        foreach (Row::all($rows) as $row) {
            $said[$row->text('fish_id')][$row->text('piece_id')] = $row->text('cut_by');
        }

        return $said;
    }

    /**
     * The last word on each side of a fish.
     *
     * @return array<string, array{cut_by: string|null, marks: array<string, int>, by: string, at: string}> by piece
     */
    public static function of(Fish $fish): array
    {
        $said = [];
        $rows = self::rows()
            ->join('people', 'people.id', 'side_works.written_by')
            ->where('fish_id', $fish->id)
            ->orderBy('side_works.rowid')
            ->get(['side_works.*', 'people.name']);
        foreach (Row::all($rows) as $row) {
            $before = $said[$row->text('piece_id')] ?? ['cut_by' => null, 'marks' => []];
            $said[$row->text('piece_id')] = [
                'cut_by' => $row->text('cut_by') === '' ? $before['cut_by'] : $row->text('cut_by'),
                'marks' => [...$before['marks'], ...self::marked($row->text('marks'))],
                'by' => $row->text('name'),
                'at' => $row->text('written_at'),
            ];
        }

        return $said;
    }

    /** @return array<string, int> */
    private static function marked(string $json): array
    {
        $marks = [];
        foreach ((array) json_decode($json, true) as $code => $grade) {
            if (Mark::tryFrom((string) $code) !== null && is_int($grade)) {
                $marks[(string) $code] = $grade;
            }
        }

        return $marks;
    }
}
