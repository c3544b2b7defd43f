<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Database\Row;
use Sectum\Hold\Kept\LeavesAs;

/** Portions of a dish that were kept for service and served to nobody, beside those that were. */
final readonly class Unserved
{
    private function __construct(public int $unserved, public int $served)
    {
    }

    /** @param  string  $since  ISO 8601, as it is kept */
    public static function of(string $dish, string $since): self
    {
        $count = ['served' => 0, 'unserved' => 0];
        $rows = KeptLeaving::rows()
            ->join('kept_lots', 'kept_lots.id', 'kept_leavings.lot_id')
            ->where('kept_lots.dish_id', $dish)
            ->where('kept_leavings.left_at', '>=', $since)
            ->groupBy('kept_leavings.how')
            ->selectRaw('kept_leavings.how as how, sum(kept_leavings.count) as n')
            ->get();
        foreach (Row::all($rows) as $row) {
            $as = match (LeavesAs::from($row->text('how'))) {
                LeavesAs::Served => 'served',
                LeavesAs::StaffMeal, LeavesAs::Discarded, LeavesAs::Missing => 'unserved',
                LeavesAs::Moved, LeavesAs::Frozen, LeavesAs::Thawed, LeavesAs::Treated => null,
            };
            if ($as !== null) {
                $count[$as] += (int) $row->number('n');
            }
        }

        return new self(max(0, $count['unserved']), max(0, $count['served']));
    }
}
