<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Fish\Fish;
use App\Fish\Stage;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\Measure\Mass;

/** What treatments did to the weight of portions after they were cut: what is served weighs that much. */
final readonly class TreatedWeights
{
    /** @param  array<string, float>  $factors  by piece */
    private function __construct(private array $factors)
    {
    }

    public static function of(Fish $fish): self
    {
        // While it is still cut nothing of it was treated as portions.
        return in_array($fish->stage, [Stage::Receive, Stage::BreakDown, Stage::Portion], true)
            ? new self([])
            : new self(Remembered::of('treated', ['treatings', 'treated_things', 'pieces'], self::all(...)));
    }

    /** What a portion weighs now that weighed so much as it was cut. */
    public function now(string $piece, Mass $cut): Mass
    {
        $factor = $this->factors[$piece] ?? null;

        return $factor === null ? $cut : Mass::ofMilligrams((int) round($cut->milligrams * $factor));
    }

    /** @return array<string, float> by piece; of several treatments one after the other all count */
    private static function all(): array
    {
        $rows = Treating::rows()
            ->join('treated_things', 'treated_things.treating_id', 'treatings.id')
            ->leftJoin('pieces', 'pieces.batch_id', 'treated_things.batch_id')
            ->whereNotNull('treatings.after_mg')
            ->get(['treated_things.piece_id', 'pieces.id', 'treatings.after_mg', 'treatings.before_mg']);
        $factors = [];
        foreach (Row::all($rows) as $row) {
            $piece = $row->text('piece_id') === '' ? $row->text('id') : $row->text('piece_id');
            $change = $row->number('after_mg') / max(1.0, $row->number('before_mg'));
            $factors[$piece] = ($factors[$piece] ?? 1.0) * $change;
        }

        return $factors;
    }
}
