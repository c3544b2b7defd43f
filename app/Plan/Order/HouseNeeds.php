<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\ExpectedSides;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Portion\Together\UncutPortions;
use Sectum\Portion\Together\UncutSides;

/**
 * What the services of the days to come want of every fish, beside what is here or on its way, all read at once: enough
 * to say that something was not ordered, without saying what to order.
 */
final readonly class HouseNeeds
{
    /**
     * @param  Collection<int, Service>  $services  held, with their dishes, in order
     * @param  string  $today  the kitchen day
     * @return list<StillWanted>
     */
    public static function missing(Collection $services, string $today): array
    {
        $learned = Learned::here();
        $wanted = $first = [];
        foreach ($services as $service) {
            $menu = new Menu($service, $learned);
            foreach ($service->dishes as $on) {
                $mean = $menu->demand($on)->portions->mean();
                $wanted[$on->dish_id][$service->day] = ($wanted[$on->dish_id][$service->day] ?? 0.0) + $mean;
                $first[$on->dish_id] ??= $service->day;
            }
        }
        if ($first === []) {
            return [];
        }
        $lots = OnHand::lots(array_keys($wanted), min($first));
        $missing = [];
        foreach ($wanted as $dish => $days) {
            $of = Dish::of($dish);
            if ($of?->species_id !== null) {
                $short = array_sum($days) - OnHand::kept($dish, $lots, $days);
                $missing[$of->species_id][] = [$of, $short, $first[$dish]];
            }
        }
        $names = Species::query()->whereKey(array_keys($missing))->pluck('name', 'id')->all();
        $here = self::here(array_keys($missing));
        $until = max(['', ...array_values(array_map(array_key_last(...), $wanted))]);
        $coming = self::coming(array_keys($missing), $until, $today);
        $all = [];
        foreach ($missing as $species => $dishes) {
            $portions = array_sum(array_column($dishes, 1));
            $main = $dishes[0][0];
            $sides = [...$here[$species] ?? [], ...$coming[$species] ?? []];
            $uncut = $sides === [] ? 0.0 : UncutPortions::of($sides, $main->band()->target->grams())->expected;
            if ($portions - $uncut >= 1) {
                $all[] = new StillWanted(
                    $species,
                    is_string($names[$species] ?? null) ? $names[$species] : '',
                    min(array_column($dishes, 2)),
                    (int) round($portions - $uncut),
                );
            }
        }

        return $all;
    }

    /**
     * @param  list<string>  $species
     * @return array<string, list<UncutSides>> fillets of fish that lies uncut, by species
     */
    private static function here(array $species): array
    {
        $here = [];
        $fish = Fish::forTheBench()
            ->whereIn('stage', [Stage::BreakDown->value])
            ->whereIn('species_id', $species)
            ->get();
        foreach ($fish as $one) {
            $sides = ExpectedSides::of($one);
            if ($sides !== null) {
                $here[$one->species_id][] = $sides;
            }
        }

        return $here;
    }

    /**
     * @param  list<string>  $species
     * @return array<string, list<UncutSides>> fillets of fish that is ordered, by species
     */
    private static function coming(array $species, string $until, string $today): array
    {
        $lines = OrderLine::query()
            ->with(['species.shares'])
            ->whereIn(
                'order_id',
                PlacedOrder::query()
                    ->select('id')
                    ->whereNull('dropped_at')
                    ->whereNull('delivery_id')
                    ->whereBetween('for_day', [$today, $until]),
            )
            ->whereIn('species_id', $species)
            ->get();
        $coming = [];
        foreach ($lines as $line) {
            $coming[$line->species_id][] = UncutSides::expected(
                $line->mass(),
                $line->fish,
                $line->species->expected($line->state),
                $line->species->form,
            );
        }

        return $coming;
    }
}
