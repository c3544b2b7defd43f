<?php

declare(strict_types=1);

namespace App\Portion;

use App\BreakDown\Bones\BoneChecks;
use App\Contract\Fault;
use App\Fish\CutFrom;
use App\Fish\Fish;
use Sectum\Fish\Part;

/** No portion is cut from a side whose pin bones had no second pass, unless the head chef waived it. */
final readonly class MustBeBoned
{
    /** @throws Fault which names the side */
    public static function before(Fish $fish, string $part, ?string $from): void
    {
        if ($part !== Part::Portion->value) {
            return;
        }
        $checks = BoneChecks::of($fish);
        $piece = $from === null ? CutFrom::usually($fish, Part::Portion) : $fish->pieces->firstWhere('id', $from);
        while ($piece !== null && ! isset($checks[$piece->id])) {
            $piece = $fish->pieces->firstWhere('id', $piece->parent_id);
        }
        if ($piece !== null && ! $checks[$piece->id]->isDone()) {
            throw Fault::conflict(
                "{$piece->name}: {$checks[$piece->id]->said()} Count them before it is portioned, or let the ".
                    'head chef waive it.',
                ['bones' => $piece->id],
            );
        }
    }
}
