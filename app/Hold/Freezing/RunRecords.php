<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\RawEvidence;
use App\Kitchen\Format\Words;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Message;
use Sectum\Receive\FrozenHere;

/** The records of freezing runs as evidence for raw service: of what was in a run, and of what was cut from it. */
final readonly class RunRecords implements RawEvidence
{
    public function of(Fish $fish): array
    {
        $trays = $fish->pieces
            ->pluck('batch_id')
            ->filter(fn (mixed $tray): bool => is_string($tray))
            ->unique()
            ->values()
            ->all();
        $items = RunItem::query()
            ->whereNotNull('rule_met')
            ->where(
                fn ($query) => $query->whereIn('piece_id', $fish->pieces->modelKeys())->orWhereIn('batch_id', $trays),
            )
            ->with('run')
            ->orderBy('met_at')
            ->get();
        if ($items->isEmpty()) {
            return [];
        }
        $words = Words::ofReader();
        $has = [];
        foreach ($items as $item) {
            foreach ($fish->pieces as $piece) {
                if (
                    $item->rule_met instanceof FreezeRule &&
                    ($piece->id === $item->piece_id ||
                        ($item->batch_id !== null && $piece->batch_id === $item->batch_id))
                ) {
                    $has[$piece->id] ??= new FrozenHere($item->run->number, $words->say(new Message($item->rule_met)));
                }
            }
        }

        return self::passedDown($fish, $has);
    }

    /**
     * @param  array<string, FrozenHere>  $has
     * @return array<string, FrozenHere>
     */
    private static function passedDown(Fish $fish, array $has): array
    {
        $parents = $fish->pieces->pluck('parent_id', 'id')->all();
        foreach ($fish->pieces->all() as $piece) {
            for ($up = $piece; $up instanceof Piece; $up = $fish->pieces->firstWhere('id', $parents[$up->id] ?? '')) {
                if (isset($has[$up->id])) {
                    $has[$piece->id] = $has[$up->id];
                    break;
                }
            }
        }

        return $has;
    }
}
