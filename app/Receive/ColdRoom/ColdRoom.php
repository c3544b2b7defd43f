<?php

declare(strict_types=1);

namespace App\Receive\ColdRoom;

use App\Fish\Delivery;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Delivery\DeliveryView;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Database\Query\JoinClause;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;
use Sectum\Receive\AgeingQueue;
use Sectum\Receive\ColdFish;
use Sectum\Receive\Queued;

/** The first screen of the morning: what lies in the cold room, in the order to be cut, and what stands at the door. */
final readonly class ColdRoom
{
    private const GROUPS = ['decide' => 'To be decided', 'cut' => 'To be cut, in this order', 'rest' => 'Resting'];

    /** Shown of each group; the rest is counted. */
    private const MOST = 40;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function of(Person $person): array
    {
        $now = $this->clock->now();
        $words = new Words($person->units, Settings::load()->scaleStep);
        $cold = self::uncut()->get();
        $queue = AgeingQueue::of(array_values($cold->map(self::coldFish(...))->all()), $now);
        $byId = $cold->keyBy('id');
        $groups = [];
        $ordered = [];
        foreach (array_keys(self::GROUPS) as $group) {
            $ordered[$group] = array_values(
                array_filter($queue, fn (Queued $queued): bool => $queued->group === $group),
            );
        }
        $seen = array_merge(
            ...array_map(fn (array $in): array => array_slice($in, 0, self::MOST), array_values($ordered)),
        );
        $fish = Fish::forTheBench()
            ->with('line')
            ->whereKey(array_map(fn (Queued $queued): string => $queued->id, $seen))
            ->get()
            ->keyBy('id');
        foreach (self::GROUPS as $group => $title) {
            $in = $ordered[$group];
            $shown = array_slice($in, 0, self::MOST);
            $groups[] = [
                'group' => $group,
                'title' => $title,
                'count' => array_sum(array_map(fn (Queued $queued): int => $byId->get($queued->id)->count ?? 0, $in)),
                'more' => count($in) - count($shown),
                'fish' => array_values(
                    array_filter(
                        array_map(
                            fn (Queued $queued): ?array => ($one = $fish->get($queued->id)) === null
                                ? null
                                : self::row($one, $queued, $now, $words),
                            $shown,
                        ),
                        fn (?array $row): bool => $row !== null,
                    ),
                ),
            ];
        }

        return [
            'now' => Moment::day($now)->format('l j F'),
            'days' => array_map(
                fn (int $day): string => $day === 0
                    ? 'today'
                    : Moment::day($now)
                        ->modify("+{$day} days")
                        ->format('D'),
                range(0, 7),
            ),
            'groups' => $groups,
            'on_the_board' => Fish::query()->where('stage', Stage::BreakDown)->count() -
                $cold->where('stage', Stage::BreakDown)->count(),
            'at_the_door' => array_map(
                fn (Delivery $delivery): array => DeliveryView::head($delivery, $words),
                array_values($this->open()->all()),
            ),
        ];
    }

    /** @return Builder<Fish> what lies uncut, and what is held */
    private static function uncut(): Builder
    {
        $held = fn (Builder $query): Builder => $query->where('stage', Stage::Receive->value)->whereNotNull('held');
        $waits = fn (Builder $query): Builder => $query
            ->where('stage', Stage::BreakDown->value)
            ->whereNotIn('id', self::begun());

        return Fish::query()->where(fn (Builder $either): Builder => $either->where($held)->orWhere($waits));
    }

    /** @return Query ids of fish of which a part has been weighed */
    private static function begun(): Query
    {
        return Piece::rows()
            ->join(
                'fish',
                fn (JoinClause $join): JoinClause => $join
                    ->on('fish.id', '=', 'pieces.fish_id')
                    ->where('fish.stage', Stage::BreakDown->value),
            )
            ->join('readings', 'readings.piece_id', '=', 'pieces.id')
            ->leftJoin('reading_voids', 'reading_voids.reading_id', '=', 'readings.id')
            ->whereNull('reading_voids.reading_id')
            ->where('pieces.part', '!=', Part::Whole->value)
            ->select('pieces.fish_id');
    }

    private static function coldFish(Fish $fish): ColdFish
    {
        $at = fn (?string $iso): ?DateTimeImmutable => $iso === null ? null : Moment::at($iso);
        $received = Moment::at($fish->received_at);

        return new ColdFish(
            $fish->id,
            $received,
            $at($fish->keeps_until) ?? $received,
            $at($fish->raw_until),
            $at($fish->rests_until),
            $fish->held,
            $fish->verdict !== null,
        );
    }

    /** @return Answer */
    private static function row(Fish $fish, Queued $queued, DateTimeImmutable $now, Words $words): array
    {
        // Days from the start of today, so that a length on the page is a place in the week.
        $days = fn (?string $iso): ?float => $iso === null
            ? null
            : round(Settings::load()->time->daysFrom(Moment::day($now), Moment::at($iso)), 2);

        return [
            'fish' => FishHead::of($fish, $words),
            'delivery' => $fish->line?->delivery_id,
            'lot' => $fish->line?->lot,
            'reasons' => $queued->reasons,
            'now_day' => round(Settings::load()->time->daysFrom(Moment::day($now), $now), 2),
            'keeps_day' => $days($fish->keeps_until),
            'raw_day' => $days($fish->raw_until),
            'rests_day' => $days($fish->rests_until),
        ];
    }

    /** @return Collection<int, Delivery> */
    private function open(): Collection
    {
        return Delivery::query()
            ->with(Delivery::AT_THE_DOOR)
            ->where('open', true)
            ->orderBy('received_at')
            ->limit(6)
            ->get();
    }
}
