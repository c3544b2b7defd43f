<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Fish\KeptPortions;
use App\Fish\TrayDate;
use App\Hold\Thaw\Pack;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;

/** What the ledger has beside the portions cut on a day. */
final readonly class KeptBesides implements KeptPortions
{
    public function besides(DateTimeImmutable $day): array
    {
        $date = $day->format('Y-m-d');
        $begins = Moment::written(Settings::load()->time->begins($day));
        $served = fn (bool $is): string => 'coalesce((select sum(l.count) from kept_leavings l where '.
            'l.lot_id = kept_lots.id and l.left_at >= ? and l.how '.($is ? '=' : '!=').' ?), 0)';
        $rows = KeptTray::rows()
            ->where('until', '>=', $date)
            ->where('state', '!=', KeptState::Frozen->value)
            ->select(['dish_id', 'count', 'cut_on', 'from_id'])
            ->selectRaw(
                '(select coalesce(sum(count), 0) from kept_leavings where lot_id = kept_lots.id) as gone',
            )
            ->selectRaw($served(true).' as served', [$begins, LeavesAs::Served->value])
            ->selectRaw($served(false).' as other', [$begins, LeavesAs::Served->value])
            ->get();
        $besides = [];
        foreach (Row::all($rows) as $row) {
            $dish = $row->text('dish_id');
            // What was cut that day for this dish counts where it was cut: only what left it otherwise is missing.
            $cutToday = $row->text('cut_on') === $date && $row->text('from_id') === '';
            $more = $cutToday
                ? -$row->number('other')
                : $row->number('count') - $row->number('gone') + $row->number('served');
            $besides[$dish] = ($besides[$dish] ?? 0) + (int) $more;
        }

        return array_filter($besides, fn (int $count): bool => $count !== 0);
    }

    public function dateOf(string $tray): ?TrayDate
    {
        $now = KeptTray::query()
            ->where('tray_id', $tray)
            ->whereNotNull('from_id')
            ->orderByDesc('put_at')
            ->orderByDesc('id')
            ->first();
        if ($now === null) {
            return null;
        }
        $withoutAir = Pack::sealed()->where('batch_id', $tray)->exists();

        return new TrayDate(
            Moment::at($now->until),
            $now->state === KeptState::Frozen,
            match ($now->state) {
                KeptState::Frozen => Pack::keepFrozen($withoutAir),
                KeptState::Thawed => 'Thawed: do not freeze again.',
                KeptState::Chilled => '',
            },
        );
    }
}
