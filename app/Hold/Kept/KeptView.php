<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\WantedTonight;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Kept\KeptLedger;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Kept\Pace;
use Sectum\Receive\Freshness;

/** What is kept for service, dish by dish, as the pass sees it; what carries over; the last things that left. */
final readonly class KeptView
{
    private const LAST = 8;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(): array
    {
        $now = $this->clock->now();
        $today = Moment::day($now);
        $trays = KeptTray::there()->with(['tray', 'putter'])->get();
        $ledger = KeptLedger::of(array_map(fn (KeptTray $one) => $one->lot(), array_values($trays->all())));
        $begins = Moment::written(Settings::load()->time->begins($today));
        $served = self::served($begins);
        $hour = self::served(Moment::written($now->modify('-1 hour')));
        $need = WantedTonight::rows()->where('day', $today->format('Y-m-d'))->pluck('need', 'dish_id')->all();
        $places = LotMove::latest($trays->modelKeys());
        $dishes = Dish::known()->filter(
            fn (Dish $dish): bool => $ledger->left($dish->id) > 0 ||
                isset($served[$dish->id]) ||
                ($dish->retired_at === null && isset($need[$dish->id])),
        );

        return [
            'service' => KeepPortions::service($now),
            'dishes' => array_values(
                $dishes
                    ->sortBy('name')
                    ->map(
                        fn (Dish $dish): array => [
                            'dish' => $dish->id,
                            'name' => $dish->name,
                            'left' => $ledger->servable($dish->id, $today),
                            'kept' => $ledger->left($dish->id),
                            'served' => $served[$dish->id] ?? 0,
                            'need' => is_numeric($need[$dish->id] ?? null) ? (int) $need[$dish->id] : null,
                            'lasts_minutes' => Pace::lasts(
                                $ledger->servable($dish->id, $today),
                                $hour[$dish->id] ?? 0,
                            ),
                            'substitute' => self::substitute($dish, $ledger, $today),
                            'moves_to' => self::movesTo($dish),
                            'trays' => self::trays($trays->where('dish_id', $dish->id), $places, $today),
                        ],
                    )
                    ->all(),
            ),
            'last' => self::last($begins),
            'carries' => self::tomorrow($ledger, $dishes, $today, true),
            'ends' => self::tomorrow($ledger, $dishes, $today, false),
            'note' => self::note(),
            'check' => Freshness::CHECK,
        ];
    }

    /** @return array<string, int> by dish, what was served since */
    private static function served(string $since): array
    {
        $served = [];
        $rows = KeptLeaving::rows()
            ->join('kept_lots', 'kept_lots.id', 'kept_leavings.lot_id')
            ->where('kept_leavings.left_at', '>=', $since)
            ->where('kept_leavings.how', LeavesAs::Served->value)
            ->groupBy('kept_lots.dish_id')
            ->selectRaw('kept_lots.dish_id as dish, sum(kept_leavings.count) as n')
            ->get();
        foreach (Row::all($rows) as $row) {
            $served[$row->text('dish')] = max(0, (int) $row->number('n'));
        }

        return $served;
    }

    /**
     * Another dish of the same fish that has some left, the nearest in weight; null while this one has, or none fits.
     *
     * @return Answer|null
     */
    private static function substitute(Dish $dish, KeptLedger $ledger, DateTimeImmutable $today): ?array
    {
        if ($ledger->servable($dish->id, $today) > 0) {
            return null;
        }
        $other = Dish::onTheList()
            ->filter(
                fn (Dish $one): bool => $one->id !== $dish->id &&
                    $one->species_id === $dish->species_id &&
                    $ledger->servable($one->id, $today) > 0,
            )
            ->sortBy(fn (Dish $one): int => abs($one->target_mg - $dish->target_mg))
            ->first();

        return $other === null
            ? null
            : ['dish' => $other->id, 'name' => $other->name, 'left' => $ledger->servable($other->id, $today)];
    }

    /** @return list<array{dish: string, name: string}> dishes its portions may be moved to */
    private static function movesTo(Dish $dish): array
    {
        return array_values(
            Dish::onTheList()
                ->filter(
                    fn (Dish $one): bool => $one->id !== $dish->id &&
                        ($one->species_id === $dish->species_id || $one->species_id === null) &&
                        (! $one->service->isRawByTheRules() || $dish->service->isRawByTheRules()),
                )
                ->map(fn (Dish $one): array => ['dish' => $one->id, 'name' => $one->name])
                ->all(),
        );
    }

    /**
     * @param  Collection<int, KeptTray>  $trays
     * @param  array<string, string>  $places
     * @return list<Answer>
     */
    private static function trays(Collection $trays, array $places, DateTimeImmutable $today): array
    {
        return array_values(
            array_map(
                fn (KeptTray $one): array => [
                    'lot' => $one->id,
                    'tray' => $one->tray?->number,
                    'tray_id' => $one->tray_id,
                    'left' => $one->left(),
                    'of' => $one->count,
                    'state' => $one->state->value,
                    'until' => Moment::at($one->until)->format('D j M'),
                    'past' => $one->lot()->isPast($today),
                    'ends_today' => $one->lot()->daysLeft($today) === 1,
                    'place' => $places[$one->id] ?? null,
                    'by' => $one->putter->name,
                    'held' => $one->held,
                ],
                $trays->all(),
            ),
        );
    }

    /** @return list<Answer> what left last, latest first */
    private static function last(string $begins): array
    {
        $rows = KeptLeaving::query()
            ->with(['lot.dish', 'person'])
            ->where('left_at', '>=', $begins)
            ->orderByDesc('seq')
            ->limit(4 * self::LAST)
            ->get();
        $undone = $rows->pluck('undoes')->filter()->all();
        $acts = [];
        foreach ($rows as $row) {
            $acts[$row->act] ??= [
                'act' => $row->act,
                'dish' => $row->lot->dish->name,
                'count' => 0,
                'how' => $row->how->value,
                'at' => Moment::hour($row->left_at),
                'by' => $row->person->name,
                'reason' => $row->reason,
                'can_undo' => $row->undoes === null &&
                    ! in_array($row->act, $undone, true) &&
                    in_array($row->how, [LeavesAs::Served, LeavesAs::StaffMeal, LeavesAs::Discarded], true),
            ];
            $acts[$row->act]['count'] += $row->count;
        }

        return array_slice(array_values($acts), 0, self::LAST);
    }

    /**
     * @param  Collection<string, Dish>  $dishes
     * @return list<array{dish: string, name: string, count: int}>
     */
    private static function tomorrow(
        KeptLedger $ledger,
        Collection $dishes,
        DateTimeImmutable $today,
        bool $carries,
    ): array {
        $all = [];
        foreach ($dishes as $dish) {
            $count = 0;
            foreach ($ledger->oldestFirst($dish->id) as $lot) {
                $days = $lot->daysLeft($today);
                $count += ($carries ? $days > 1 : $days === 1) ? $lot->left : 0;
            }
            if ($count > 0) {
                $all[] = ['dish' => $dish->id, 'name' => $dish->name, 'count' => $count];
            }
        }

        return $all;
    }

    /** @return Answer|null what was handed over last */
    private static function note(): ?array
    {
        $last = ClosingCount::query()->with('person')->where('note', '!=', '')->orderByDesc('counted_at')->first();

        return $last === null
            ? null
            : [
                'text' => $last->note,
                'by' => $last->person->name,
                'at' => Moment::at($last->counted_at)->format('D j M, H:i'),
            ];
    }
}
