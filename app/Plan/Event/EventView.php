<?php

declare(strict_types=1);

namespace App\Plan\Event;

use App\Cost\Portioned;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Order\TypicalFish;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Plan\Service\ServiceDish;
use App\Portion\Dish\Dish;
use Brick\Math\BigRational;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Money;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\DishChange;
use Sectum\Plan\Service\ServiceKind;

/** An event with all its services: what a guaranteed count changes, what was quoted, and what the fish really cost. */
final readonly class EventView
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * Those that belong together, in order; one alone when it belongs to no event.
     *
     * @return Collection<int, Service>
     */
    public static function services(Service $one): Collection
    {
        return Service::held()
            ->with('dishes')
            ->where(fn ($of) => $one->event === '' ? $of->whereKey($one->id) : $of->where('event', $one->event))
            ->get();
    }

    /** @return Answer */
    public function of(string $service): array
    {
        $one = Service::held()->findOrFail($service);
        $services = self::services($one);
        $settings = Settings::load();
        $costs = Portioned::lately($this->clock->now(), $settings);
        $changes = self::changes($services, $settings);

        return [
            'name' => $one->eventName(),
            'services' => array_map(
                fn (Service $each): array => $this->service($each, $costs, $settings),
                array_values($services->all()),
            ),
            'changes' => array_map(fn (DishChange $each): array => [
                'dish' => Dish::of($each->dish)->name ?? '',
                'before' => $each->before,
                'after' => $each->after,
                'portions' => $each->portions(),
                'fish' => $each->fish,
                'minutes' => round($each->minutes),
                'cost' => $each->cost?->print(),
            ], $changes),
            'minutes' => round(array_sum(array_map(fn (DishChange $each): float => $each->minutes, $changes))),
            'cost' => self::sum(array_map(fn (DishChange $each): ?Money => $each->cost, $changes), $settings)?->print(),
        ];
    }

    /** @return Answer */
    private function service(Service $one, Portioned $costs, Settings $settings): array
    {
        $menu = new Menu($one, Learned::here());
        $guests = $one->guests()->count;
        $planned = $real = [];
        foreach ($one->dishes as $on) {
            $count = $costs->portions($on->dish_id);
            $each = $count === 0 ? null : Portioned::mean($costs->total($on->dish_id), $count);
            $planned[] = $each?->times((int) round($menu->mean($on)));
            $real[] = $on->sold === null ? null : $each?->times($on->sold);
        }
        $paying = $one->guaranteed === null && $one->sold_covers === null
            ? $one->covers
            : max($one->guaranteed ?? 0, $one->sold_covers ?? 0);
        $fish = self::sum($one->sold_covers === null ? $planned : $real, $settings);
        $quote = $one->quote_minor === null ? null : $settings->money($one->quote_minor);

        return [
            'id' => $one->id,
            'date' => Moment::at($one->day)->format('l j F'),
            'at' => $one->at,
            'name' => $one->name,
            'announced' => $one->covers,
            'guaranteed' => $one->guaranteed,
            'came' => $one->sold_covers,
            'cooked_for' => $guests,
            'quote' => $quote?->print(),
            'quoted' => $quote?->times($paying)->print(),
            'fish' => $fish?->print(),
            'fish_per_guest' => $fish === null || $paying === 0
                ? null
                : $fish->multipliedBy(BigRational::nd(1, $paying))->print(),
            'share_pct' => $fish === null || $quote === null || $quote->minor * $paying === 0
                ? null
                : round((100 * $fish->minor) / ($quote->minor * $paying), 1),
            'sold' => $one->sold_covers !== null,
        ];
    }

    /**
     * What the guaranteed counts change against what was announced.
     *
     * @param  Collection<int, Service>  $services
     * @return list<DishChange>
     */
    private static function changes(Collection $services, Settings $settings): array
    {
        $before = $after = [];
        foreach ($services as $one) {
            if ($one->kind !== ServiceKind::Banquet || $one->guaranteed === null) {
                continue;
            }
            $menu = new Menu($one, Learned::here());
            foreach ($one->dishes as $on) {
                $before[$on->dish_id] = ($before[$on->dish_id] ?? 0) + self::portions($menu, $on, $one->announced());
                $after[$on->dish_id] = ($after[$on->dish_id] ?? 0) + self::portions($menu, $on);
            }
        }
        $dishes = array_filter(array_map(Dish::of(...), array_keys($before)), fn (?Dish $one): bool => $one !== null);
        $species = array_map(fn (Dish $one): string => $one->species_id ?? '', array_values($dishes));
        $fish = TypicalFish::ofAll($species);
        $changes = [];
        foreach ($dishes as $dish) {
            $usual = $fish[$dish->species_id ?? ''] ?? null;
            $changes[] = self::change($dish, $before[$dish->id], $after[$dish->id] ?? 0, $usual, $settings);
        }

        return $changes;
    }

    private static function portions(Menu $menu, ServiceDish $on, ?Covers $guests = null): int
    {
        return (int) round($menu->mean($on, $guests));
    }

    /** By fish as it is usually offered. */
    private static function change(
        Dish $dish,
        int $before,
        int $after,
        ?TypicalFish $fish,
        Settings $settings,
    ): DishChange {
        $work = $settings->prep->minutes->portion + $settings->prep->minutes->pack;

        return new DishChange(
            $dish->id,
            $before,
            $after,
            $fish?->portions($dish),
            $fish?->minutes() ?? 0.0,
            $work,
            $fish?->cost($settings),
        );
    }

    /** @param  list<Money|null>  $all */
    private static function sum(array $all, Settings $settings): ?Money
    {
        $known = array_values(array_filter($all, fn (?Money $one): bool => $one !== null));

        return $known === [] ? null : Money::sum($known, $settings->currency);
    }
}
