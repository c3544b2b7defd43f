<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Hold\Kept\KeptLeaving;
use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use Illuminate\Support\Facades\DB;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Log\Walk\TrayFate;

/** What became of the portions of trays, whatever they were moved, frozen or cured into on the way. */
final readonly class Fates
{
    /**
     * @param  list<string>  $trays
     * @return array<string, TrayFate> by tray
     */
    public static function of(array $trays): array
    {
        if ($trays === []) {
            return [];
        }
        $marks = implode(', ', array_fill(0, count($trays), '?'));
        $rows = DB::select(
            "with recursive came(id, tray) as (
                select id, tray_id from kept_lots where tray_id in ({$marks})
                union select kept_lots.id, came.tray from kept_lots join came on kept_lots.from_id = came.id
            )
            select came.tray as tray, kept_leavings.how as how, sum(kept_leavings.count) as many
            from came join kept_leavings on kept_leavings.lot_id = came.id group by came.tray, kept_leavings.how",
            $trays,
        );
        $gone = [];
        foreach ($rows as $found) {
            $row = Row::maybe($found);
            if ($row !== null) {
                $gone[$row->text('tray')][$row->text('how')] = (int) $row->number('many');
            }
        }
        $fates = [];
        $first = Row::all(KeptTray::rows()->whereIn('tray_id', $trays)->get(['tray_id', 'count']));
        foreach ($first as $lot) {
            $fates[$lot->text('tray_id')] = self::fate((int) $lot->number('count'), $gone[$lot->text('tray_id')] ?? []);
        }

        return $fates;
    }

    /** Differs whenever something was put on a tray or left one. */
    public static function known(): string
    {
        $put = KeptTray::rows()->count();
        $left = KeptLeaving::rows()->max('seq');

        return $put.' '.(is_numeric($left) ? $left : 0);
    }

    /** @param  array<string, int>  $gone  by how */
    private static function fate(int $put, array $gone): TrayFate
    {
        $served = $unserved = $discarded = 0;
        foreach ($gone as $how => $many) {
            match (LeavesAs::from($how)) {
                LeavesAs::Served => $served += $many,
                LeavesAs::StaffMeal, LeavesAs::Missing => $unserved += $many,
                LeavesAs::Discarded => $discarded += $many,
                // They came in again, as something else.
                LeavesAs::Moved, LeavesAs::Frozen, LeavesAs::Thawed, LeavesAs::Treated => null,
            };
        }

        return new TrayFate($served, $unserved, $discarded, $put - $served - $unserved - $discarded);
    }
}
