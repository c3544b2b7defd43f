<?php

declare(strict_types=1);

namespace App\Portion;

use App\BreakDown\Bones\BoneChecks;
use App\Contract\Fault;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use Sectum\BreakDown\BoneCheck;
use Sectum\Fish\Part;

/**
 * No portion is cut from a side whose pin bones had no second pass, unless the head chef waived it; where the bones
 * come
 * out of the portions, none is finished with before.
 */
final readonly class MustBeBoned
{
    /** @throws Fault which names the side */
    public static function before(Fish $fish, string $part, ?string $from): void
    {
        if ($part !== Part::Portion->value || $fish->isBonedLater()) {
            return;
        }
        $checks = BoneChecks::of($fish);
        $piece = $from === null ? CutFrom::usually($fish, Part::Portion) : $fish->pieces->firstWhere('id', $from);
        while ($piece !== null && ! isset($checks[$piece->id])) {
            $piece = $fish->pieces->firstWhere('id', $piece->parent_id);
        }
        if ($piece !== null && ! $checks[$piece->id]->isDone()) {
            throw self::fault($piece, $checks[$piece->id], 'before it is portioned');
        }
    }

    /** @throws Fault which names the first side */
    public static function beforeItGoesOn(Fish $fish): void
    {
        foreach ($fish->isBonedLater() ? BoneChecks::of($fish) : [] as $id => $check) {
            $piece = $fish->pieces->firstWhere('id', $id);
            if ($piece !== null && ! $check->isDone()) {
                throw self::fault($piece, $check, 'before its portions are served');
            }
        }
    }

    private static function fault(Piece $piece, BoneCheck $check, string $when): Fault
    {
        return Fault::conflict(
            "{$piece->name}: {$check->said()} Count them {$when}, or let the head chef waive it.",
            ['bones' => $piece->id],
        );
    }
}
