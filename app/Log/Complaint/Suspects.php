<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Hold\Kept\KeptLeaving;
use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Tray\PortionTray;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Hold\Kept\LeavesAs;

/** The trays and fish a complaint may be about, and everything else that came of those fish. */
final readonly class Suspects
{
    /** Fish a dish is looked back over when no tray of it was served. */
    private const MOST = 40;

    /**
     * @param  Collection<int, PortionTray>  $trays  the guest's portion lay on one of these
     * @param  Collection<int, Fish>  $fish  it was cut from one of these
     */
    private function __construct(public Collection $trays, public Collection $fish)
    {
    }

    public static function of(Complaint $complaint): self
    {
        $trays = self::trays($complaint);
        $fish = [
            ...$complaint->fish_id === null ? [] : [$complaint->fish_id],
            ...Piece::query()->whereIn('batch_id', $trays)->distinct()->pluck('fish_id')->all(),
            ...$trays === [] && $complaint->fish_id === null ? self::cutFor($complaint) : [],
        ];

        return new self(
            PortionTray::query()->with(['dish', 'maker'])->whereKey($trays)->orderBy('number')->get(),
            Fish::forTheBench()
                ->with(['line.delivery.supplier', 'line.species', 'receiver'])
                ->whereKey($fish)
                ->orderBy('number')
                ->get(),
        );
    }

    /**
     * What lies there of the same fish, whatever it became: trays, and what was moved, frozen or cured out of them.
     *
     * @return list<string> lots
     */
    public function lotsThere(): array
    {
        $trays = Piece::query()
            ->whereIn('fish_id', $this->fish->modelKeys())
            ->whereNotNull('batch_id')
            ->distinct()
            ->pluck('batch_id')
            ->all();
        $lots = KeptTray::query()->whereIn('tray_id', $trays)->pluck('id')->all();
        for ($new = $lots; $new !== []; $lots = [...$lots, ...$new]) {
            $new = KeptTray::query()->whereIn('from_id', $new)->whereKeyNot($lots)->pluck('id')->all();
        }

        return array_values(array_map(
            fn (KeptTray $one): string => $one->id,
            KeptTray::there()->whereIn('kept_lots.id', $lots)->get()->all(),
        ));
    }

    /** @return list<string> */
    private static function trays(Complaint $complaint): array
    {
        if ($complaint->tray_id !== null) {
            return [$complaint->tray_id];
        }
        if ($complaint->fish_id !== null || $complaint->dish_id === null) {
            return [];
        }
        $begins = Moment::at($complaint->day)->setTime(Settings::load()->time->dayEnds, 0);
        $rows = KeptLeaving::rows()
            ->join('kept_lots', 'kept_lots.id', 'kept_leavings.lot_id')
            ->where('kept_lots.dish_id', $complaint->dish_id)
            ->whereNotNull('kept_lots.tray_id')
            ->where('how', LeavesAs::Served->value)
            ->where('left_at', '>=', Moment::written($begins))
            ->where('left_at', '<', Moment::written($begins->modify('+1 day')))
            ->groupBy('tray_id')
            ->havingRaw('sum(kept_leavings.count) > 0')
            ->get(['tray_id']);

        return array_map(fn (Row $row): string => $row->text('tray_id'), Row::all($rows));
    }

    /** @return list<string> fish that were cut for a dish in the days its portions keep */
    private static function cutFor(Complaint $complaint): array
    {
        $day = Moment::at($complaint->day);
        $rows = Piece::query()
            ->toBase()
            ->join('fish', 'fish.id', 'pieces.fish_id')
            ->join('readings', 'readings.piece_id', 'pieces.id')
            ->where('pieces.part', 'portion')
            ->whereRaw('coalesce(pieces.dish_id, fish.dish_id) = ?', [$complaint->dish_id])
            ->where('readings.taken_at', '<', Moment::written($day->modify('+2 days')))
            ->where('readings.taken_at', '>=', Moment::written($day->modify('-3 days')))
            ->distinct()
            ->limit(self::MOST)
            ->get(['pieces.fish_id']);

        return array_map(fn (Row $row): string => $row->text('fish_id'), Row::all($rows));
    }
}
