<?php

declare(strict_types=1);

namespace App\Plan\Today;

use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\PinTry;
use App\Kitchen\Role;
use App\Plan\Order\HouseNeeds;
use App\Plan\Order\ListedOffer;
use App\Plan\Order\StillWanted;
use App\Plan\Prep\PrepDay;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Plan\Service\ServiceDish;
use App\Plan\Service\ServicesView;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\Tonight;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Kept\KeptState;
use Sectum\Plan\Service\ServiceKind;
use Sectum\Plan\Today\Said;
use Sectum\Plan\Today\TodaySays;

/** The head chef's first screen: the services of the day over what there is for them, and what matters. */
final readonly class TodayView
{
    /** Sentences, and days looked ahead for fish that was not ordered. */
    private const SAID = 6;

    private const AHEAD = 4;

    /** Share of the usual search the day's plan is given here. */
    private const EFFORT = 0.06;

    /** Days back in which a service is asked what it sold. */
    private const BACK = 7;

    public function __construct(private Tonight $tonight, private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function of(Person $person): array
    {
        $now = $this->clock->now();
        $day = Moment::day($now);
        $today = $day->format('Y-m-d');
        $services = Service::held()
            ->with('dishes')
            ->where('day', '>=', $day->modify('-'.self::BACK.' days')->format('Y-m-d'))
            ->where('day', '<=', $day->modify('+'.self::AHEAD.' days')->format('Y-m-d'))
            ->get();
        $stock = $this->stock($person);
        $of = $services->where('day', $today)->values();

        return [
            'date' => $day->format('l j F'),
            'now' => $now->format('H:i'),
            'services' => $this->rail($of, $stock, $now),
            'says' => array_map(
                fn (Said $one): array => ['code' => $one->what->value, 'values' => $one->values],
                Said::most(
                    [
                        ...self::wrongPins($person),
                        ...self::short($of, $stock, $now),
                        ...$this->late($today, $of, $now),
                        ...self::notOrdered($services->where('day', '>', $today)->values(), $today),
                        ...self::ofServices($services, $day, $now),
                        ...self::ends($today),
                    ],
                    self::SAID,
                ),
            ),
        ];
    }

    /**
     * What there is of each dish: cut or kept, and what uncut fish gives on average and with some certainty.
     *
     * @return array<string, array{sure: int, about: int}> by dish
     */
    private function stock(Person $person): array
    {
        $stock = [];
        foreach ((array) ($this->tonight->of($person)['groups'] ?? []) as $group) {
            foreach ((array) data_get($group, 'dishes') as $dish) {
                $made = data_get($dish, 'made');
                $id = data_get($dish, 'dish');
                $sure = data_get($dish, 'uncut.sure');
                $about = data_get($dish, 'uncut.about');
                $made = is_int($made) ? $made : 0;
                $stock[is_string($id) ? $id : ''] = [
                    'sure' => $made + (is_int($sure) ? $sure : 0),
                    'about' => $made + (is_int($about) ? $about : 0),
                ];
            }
        }

        return $stock;
    }

    /**
     * @param  Collection<int, Service>  $services
     * @param  array<string, array{sure: int, about: int}>  $stock
     * @return list<Answer>
     */
    private function rail(Collection $services, array $stock, DateTimeImmutable $now): array
    {
        $learned = Learned::here();

        return array_map(function (Service $one) use ($stock, $learned, $now): array {
            $menu = new Menu($one, $learned);

            return [
                'id' => $one->id,
                'at' => $one->at,
                'name' => $one->name,
                'covers' => $one->guests()->count,
                'over' => $one->moment() <= $now,
                'dishes' => array_map(fn (ServiceDish $dish): array => [
                    'dish' => $dish->dish_id,
                    'name' => Dish::of($dish->dish_id)->name ?? '',
                    'wanted' => ServicesView::portions($menu->demand($dish)->portions),
                    'there' => [
                        'low' => $stock[$dish->dish_id]['sure'] ?? 0,
                        'mean' => (float) ($stock[$dish->dish_id]['about'] ?? 0),
                        'high' => 2 * ($stock[$dish->dish_id]['about'] ?? 0) - ($stock[$dish->dish_id]['sure'] ?? 0),
                    ],
                ], array_values($one->dishes->all())),
            ];
        }, array_values($services->all()));
    }

    /**
     * @param  Collection<int, Service>  $services
     * @param  array<string, array{sure: int, about: int}>  $stock
     * @return list<Said>
     */
    private static function short(Collection $services, array $stock, DateTimeImmutable $now): array
    {
        $toCome = $services->filter(fn (Service $one): bool => $one->moment() > $now);
        $said = [];
        foreach (Menu::wanted($toCome) as $dish => $days) {
            $portions = (int) round(array_sum($days));
            $missing = $portions - ($stock[$dish]['about'] ?? 0);
            if ($missing > 0) {
                $said[] = new Said(TodaySays::Short, $missing, [
                    'dish' => Dish::of($dish)->name ?? '',
                    'missing' => $missing,
                    'wanted' => $portions,
                ]);
            }
        }

        return $said;
    }

    /**
     * What the hands of the day will not have ready in time, by the prep plan.
     *
     * @param  Collection<int, Service>  $services
     * @return list<Said>
     */
    private function late(string $today, Collection $services, DateTimeImmutable $now): array
    {
        if (! $services->contains(fn (Service $one): bool => $one->moment() > $now)) {
            return [];
        }
        $of = PrepDay::of($today, $now, $this->tonight);
        $said = [];
        foreach ($of->plan($of->kept(), self::EFFORT)?->notReady() ?? [] as $id => $minutes) {
            $one = $of->dishes[$id] ?? null;
            if ($one !== null) {
                $said[] = new Said(TodaySays::Late, $one->wanted, [
                    'dish' => $one->dish->name,
                    'name' => $one->service->name,
                    'minutes' => $minutes === null ? null : (int) ceil($minutes),
                ]);
            }
        }

        return $said;
    }

    /**
     * @param  Collection<int, Service>  $services
     * @return list<Said>
     */
    private static function notOrdered(Collection $services, string $today): array
    {
        $missing = HouseNeeds::missing($services, $today);
        $by = [];
        foreach (
            Row::all(
                ListedOffer::rows()
                    ->whereIn('species_id', array_map(fn (StillWanted $one): string => $one->species, $missing))
                    ->whereNull('retired_at')
                    ->where('order_by', '!=', '')
                    ->orderByDesc('order_by')
                    ->get(['species_id', 'order_by']),
            ) as $row
        ) {
            $by[$row->text('species_id')] = $row->text('order_by');
        }

        return array_map(fn (StillWanted $one): Said => new Said(TodaySays::NotOrdered, $one->portions, [
            'fish' => $one->name,
            'missing' => $one->portions,
            'day' => Moment::at($one->day)->format('l'),
            'by' => $by[$one->species] ?? null,
        ]), $missing);
    }

    /**
     * @param  Collection<int, Service>  $services
     * @return list<Said>
     */
    private static function ofServices(Collection $services, DateTimeImmutable $day, DateTimeImmutable $now): array
    {
        $said = [];
        $tomorrow = $day->modify('+1 day')->format('Y-m-d');
        foreach ($services as $one) {
            $values = ['name' => $one->name, 'day' => Moment::at($one->day)->format('l')];
            if ($one->moment() <= $now) {
                if ($one->sold_covers === null) {
                    $said[] = new Said(TodaySays::NotSold, $one->covers, $values);
                }

                continue;
            }
            if ($one->kind === ServiceKind::Banquet && $one->guaranteed === null && $one->day === $tomorrow) {
                $said[] = new Said(TodaySays::NoCount, $one->covers, $values + ['guests' => $one->covers]);
            }
            if ($one->dishes->isEmpty()) {
                $said[] = new Said(TodaySays::NoMenu, $one->covers, $values);
            }
        }

        return $said;
    }

    /** @return list<Said> at whose names many wrong PINs were tried; for the head chef alone */
    private static function wrongPins(Person $person): array
    {
        return $person->role !== Role::HeadChef
            ? []
            : array_map(
                fn (array $one): Said => new Said(TodaySays::WrongPins, $one['count'], $one),
                PinTry::rowsOfWrong(),
            );
    }

    /** @return list<Said> */
    private static function ends(string $today): array
    {
        $trays = KeptTray::there()->where('until', $today)->where('state', '!=', KeptState::Frozen->value)->get();
        $said = [];
        foreach ($trays->groupBy('dish_id') as $dish => $of) {
            $there = $of->sum(fn (KeptTray $one): int => $one->left());
            $said[] = new Said(TodaySays::Ends, $there, [
                'dish' => Dish::of((string) $dish)->name ?? '',
                'count' => $there,
            ]);
        }

        return $said;
    }
}
