<?php

declare(strict_types=1);

namespace App\BreakDown\Bones;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\BreakDown\BoneCheck;
use Sectum\BreakDown\BoneReach;
use Sectum\Fish\Part;
use Sectum\Fish\PinBoneRow;

/** How the bone check of each fillet of a fish stands. */
final readonly class BoneChecks
{
    /** Marked sides of a kind that count, the latest. */
    private const MOST = 200;

    /** @return array<string, BoneCheck> by piece; only fillets cut from the fish itself */
    public static function of(Fish $fish): array
    {
        $latest = self::latest($fish);
        $checks = [];
        foreach (CutFrom::sides($fish) as $piece) {
            $row = $latest[$piece->id] ?? null;
            $checks[$piece->id] = self::check(
                $fish,
                $piece,
                (int) ($row?->number('found') ?? 0),
                $row?->text('second_pass') === '1',
                ($row?->text('waived') ?? '') !== '',
            );
        }

        return $checks;
    }

    /** @return array<string, Row> the last pass over each piece */
    private static function latest(Fish $fish): array
    {
        $latest = [];
        foreach (self::rows($fish) as $row) {
            $latest[$row->text('piece_id')] = $row;
        }

        return $latest;
    }

    /** @return list<Row> its own passes, first to last */
    private static function rows(Fish $fish): array
    {
        return $fish->bone_passes === 0 ? [] : Remembered::of(
            "bone checks:{$fish->id}",
            ['bone_checks'],
            fn (): array => Row::all(BonePass::rows()->where('fish_id', $fish->id)->orderBy('rowid')->get()),
        );
    }

    /** How far the bones of its kind run here: the last pass of a side that was marked says where its last one was. */
    private static function reach(Fish $fish): BoneReach
    {
        $marked = Remembered::of(
            "bone marks:{$fish->species_id}",
            ['bone_checks', 'fish'],
            fn (): array => Row::selected(
                'select farthest from marked_sides where species_id = ? order by pass desc limit ?',
                [$fish->species_id, self::MOST],
            ),
        );

        return BoneReach::of(
            max(1.0, $fish->species->pin_reach_pct),
            array_map(fn (Row $row): float => 100 * $row->number('farthest'), $marked),
        );
    }

    /** The check of one fillet with so many found. */
    public static function check(Fish $fish, Piece $piece, int $found, bool $secondPass, bool $waived): BoneCheck
    {
        return BoneCheck::of(
            $fish->species->pin_row,
            $fish->species->pin_count,
            $fish->species->pin_sd,
            self::sides($fish, $piece),
            $found,
            $secondPass,
            $waived,
        );
    }

    /** @return list<Answer> */
    public static function view(Fish $fish): array
    {
        if ($fish->species->pin_row === PinBoneRow::None || CutFrom::sides($fish) === []) {
            return [];
        }
        $checks = self::of($fish);
        $reach = self::reach($fish);
        $latest = self::latest($fish);

        return array_map(
            fn (Piece $piece): array => [
                'piece' => $piece->id,
                'name' => $piece->name,
                'expected' => (int) round($checks[$piece->id]->expected),
                'expected_sd' => (int) round($checks[$piece->id]->expectedSd),
                'found' => $checks[$piece->id]->found,
                'waived' => $checks[$piece->id]->waived,
                'usual' => $checks[$piece->id]->usual(),
                'done' => $checks[$piece->id]->isDone(),
                'may_wait' => $fish->isBonedLater(),
                'said' => $checks[$piece->id]->said(),
                'runs' => round($reach->meanPct / 100, 3),
                'runs_to' => round($reach->highPct / 100, 3),
                'runs_by' => $reach->sides,
                'marks' => isset($latest[$piece->id]) ? self::marked($latest[$piece->id]) : [],
                'in_strips' => $fish->species->pin_row === PinBoneRow::ManyBoned,
            ],
            CutFrom::sides($fish),
        );
    }

    /** @return list<float> where bones were found in one pass */
    private static function marked(Row $pass): array
    {
        $marks = array_filter((array) json_decode($pass->text('marks'), true), is_numeric(...));

        return array_map(floatval(...), array_values($marks));
    }

    /** Sides a piece stands for: both fillets weighed together are two, a loin is half of one at least. */
    private static function sides(Fish $fish, Piece $piece): int
    {
        return max(1, ($piece->part === Part::Fillets ? 2 : 1) * $fish->count);
    }
}
