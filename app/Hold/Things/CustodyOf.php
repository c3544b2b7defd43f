<?php

declare(strict_types=1);

namespace App\Hold\Things;

use App\Fish\Piece;
use App\Hold\Freezing\RunItem;
use App\Hold\Kept\KeptTray;
use App\Hold\Thaw\Thaw;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Custody\Custody;
use Sectum\Custody\CustodyCode;
use Sectum\Custody\CustodyEvent;
use Sectum\Custody\CustodyEventKind;
use Sectum\Custody\CustodyHouse;
use Sectum\Custody\ThingLimits;

/**
 * What the law of custody says of things that are held, from the books: their dates, and how they, or what they were
 * cut from, were frozen and thawed. Minutes are counted from 1970; a date lasts until its kitchen day ends.
 */
final readonly class CustodyOf
{
    private const MINUTES_A_DAY = 1440;

    /** @var Collection<string, Piece> by id: every piece of the fish the things are of */
    private Collection $pieces;

    /** @var Collection<int, RunItem> in the order in which they went in */
    private Collection $frozen;

    /** @var Collection<string, Thaw> by what was frozen */
    private Collection $thaws;

    /** @var array<string, string> the date of each tray as its portions were put on it */
    private array $dates;

    private HeldThings $fish;

    /** @param  list<HeldThing>  $things */
    public function __construct(array $things)
    {
        $this->fish = new HeldThings($things);
        $trays = array_values(array_filter(
            array_map(fn (HeldThing $one): ?string => $one->tray?->id, $things),
            is_string(...),
        ));
        $this->pieces = Piece::query()
            ->whereIn('fish_id', array_map(fn ($one): string => $one->id, $this->fish->all()))
            ->get(['id', 'parent_id', 'fish_id'])
            ->keyBy('id');
        $this->frozen = RunItem::query()
            ->where(fn ($any) => $any
                ->whereIn('piece_id', $this->pieces->keys()->all())
                ->orWhereIn('batch_id', $trays))
            ->orderBy('added_at')
            ->get();
        $this->thaws = Thaw::query()
            ->whereIn('item_id', $this->frozen->pluck('id')->all())
            ->whereNotNull('started_at')
            ->get()
            ->keyBy('item_id');
        $dates = [];
        foreach (KeptTray::query()->whereIn('tray_id', $trays)->orderBy('put_at')->get() as $lot) {
            $dates[$lot->tray_id ?? ''] ??= $lot->until;
        }
        $this->dates = $dates;
    }

    public function limits(HeldThing $thing, DateTimeImmutable $at): ThingLimits
    {
        $minute = self::minute($at);
        $events = [CustodyEvent::received(0, 'thing', $this->until($thing, $minute))];
        foreach ($this->frozen as $item) {
            if ($this->isOf($item, $thing)) {
                $thaw = $this->thaws->get($item->id);
                foreach (
                    [
                        [CustodyEventKind::Frozen, $item->added_at],
                        [CustodyEventKind::Thaw, $thaw?->started_at],
                        [CustodyEventKind::Thawed, $thaw?->finished_at],
                    ] as [$kind, $when]
                ) {
                    if ($when !== null && self::minute(Moment::at($when)) <= $minute) {
                        $events[] = CustodyEvent::of($kind, self::minute(Moment::at($when)), ['thing']);
                    }
                }
            }
        }
        usort($events, fn (CustodyEvent $a, CustodyEvent $b): int => $a->minute <=> $b->minute);
        $house = new CustodyHouse(thawKeeps: self::MINUTES_A_DAY * Settings::load()->hold->thawedDays);
        [[, $limits]] = Custody::of($events, $minute, $house)->things;

        return $limits;
    }

    /** Why it is not frozen at a moment; null where it may be, or is frozen already. */
    public function barsFreezing(HeldThing $thing, DateTimeImmutable $at): ?CustodyCode
    {
        $limits = $this->limits($thing, $at);

        return match (true) {
            $limits->stop === CustodyCode::Frozen => null,
            $limits->stop !== null => $limits->stop,
            default => $limits->thawed ? CustodyCode::ThawedBefore : null,
        };
    }

    public static function minute(DateTimeImmutable $at): int
    {
        return intdiv($at->getTimestamp(), 60);
    }

    /** The last minute of its date: its own, or that of the fish it is of where that ends sooner. */
    private function until(HeldThing $thing, int $now): int
    {
        $days = $this->fish->ends($thing);
        $own = $thing->tray === null ? null : $this->dates[$thing->tray->id] ?? $thing->tray->use_by;
        if ($own !== null) {
            $days[] = Moment::day($own);
        }

        return $days === []
            ? $now + 3650 * self::MINUTES_A_DAY
            : self::minute(min($days)->modify('+1 day')) - 1;
    }

    /** Whether it, or what it was cut from, is what was frozen. */
    private function isOf(RunItem $item, HeldThing $thing): bool
    {
        if ($item->batch_id !== null) {
            return $item->batch_id === $thing->tray?->id;
        }
        $pieces = $thing->tray === null ? [$thing->piece] : $thing->tray->pieces->all();
        foreach ($pieces as $piece) {
            for ($id = $piece?->id; $id !== null; $id = $this->pieces->get($id)?->parent_id) {
                if ($id === $item->piece_id) {
                    return true;
                }
            }
        }

        return false;
    }
}
