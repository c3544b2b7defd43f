<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\ExpectedSides;
use Illuminate\Database\Eloquent\Collection;
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
        $wanted = Menu::wanted($services);
        if ($wanted === []) {
            return [];
        }
        $first = array_map(fn (array $days): string => (string) array_key_first($days), $wanted);
        $trays = OnHand::trays(array_keys($wanted), min($first));
        $missing = [];
        foreach ($wanted as $dish => $days) {
            $of = Dish::of($dish);
            if ($of?->species_id !== null) {
                $short = array_sum($days) - OnHand::kept($dish, $trays, $days);
                $missing[$of->species_id][] = [$of, $short, $first[$dish]];
            }
        }
        $names = Species::query()->whereKey(array_keys($missing))->pluck('name', 'id')->all();
        $here = OnHand::uncut(array_keys($missing), min($first));
        $until = max(array_map(fn (array $days): string => (string) array_key_last($days), $wanted));
        $coming = self::coming(array_keys($missing), $until, $today);
        $all = [];
        foreach ($missing as $species => $dishes) {
            $portions = array_sum(array_column($dishes, 1));
            $main = $dishes[0][0];
            $sides = [...$here[$species] ?? [], ...$coming[$species] ?? []];
            $uncut = $sides === [] ? 0.0 : ExpectedSides::give($sides, $main->band()->target)->expected;
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
     * @return array<string, list<UncutSides>> fillets of fish that is ordered, by species
     */
    private static function coming(array $species, string $until, string $today): array
    {
        $coming = [];
        foreach (OrderLine::onTheirWay($species, $today, $until) as $line) {
            $coming[$line->species_id][] = $line->sides();
        }

        return $coming;
    }
}
