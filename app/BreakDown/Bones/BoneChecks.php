<?php

declare(strict_types=1);

namespace App\BreakDown\Bones;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\BreakDown\BoneCheck;
use Sectum\Fish\Part;
use Sectum\Fish\PinBoneRow;

/** How the bone check of each fillet of a fish stands. */
final readonly class BoneChecks
{
    /** @return array<string, BoneCheck> by piece; only fillets cut from the fish itself */
    public static function of(Fish $fish): array
    {
        $latest = [];
        $rows = Remembered::of(
            "bone checks:{$fish->id}",
            ['bone_checks'],
            fn (): array => Row::all(BonePass::rows()->where('fish_id', $fish->id)->orderBy('rowid')->get()),
        );
        foreach ($rows as $row) {
            $latest[$row->text('piece_id')] = $row;
        }
        $checks = [];
        foreach (self::fillets($fish) as $piece) {
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
        if ($fish->species->pin_row === PinBoneRow::None) {
            return [];
        }
        $checks = self::of($fish);

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
                // How far along the side the bones run, from the head end.
                'runs' => match ($fish->species->pin_row) {
                    PinBoneRow::Short => 0.45,
                    PinBoneRow::Long => 0.7,
                    PinBoneRow::ManyBoned => 0.95,
                },
                'in_strips' => $fish->species->pin_row === PinBoneRow::ManyBoned,
            ],
            self::fillets($fish),
        );
    }

    /** @return list<Piece> */
    private static function fillets(Fish $fish): array
    {
        $whole = $fish->whole()->id;

        return array_values(
            $fish->pieces
                ->filter(
                    fn (Piece $piece): bool => $piece->part->isFillet() &&
                        $piece->parent_id === $whole &&
                        $piece->reading() !== null,
                )
                ->all(),
        );
    }

    /** Sides a piece stands for: both fillets weighed together are two, a loin is half of one at least. */
    private static function sides(Fish $fish, Piece $piece): int
    {
        return max(1, ($piece->part === Part::Fillets ? 2 : 1) * $fish->count);
    }
}
