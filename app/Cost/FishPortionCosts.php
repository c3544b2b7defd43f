<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\CostOfPortions;
use App\Fish\Fish;
use App\Fish\PortionCosts;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Sectum\Cost\GivenAway;

/** The figures of the cost page, for the board: the same fish costs the same on both. */
final readonly class FishPortionCosts implements CostOfPortions
{
    public function of(Fish $fish, Settings $settings): ?PortionCosts
    {
        $dishes = Dish::query()->get();
        $found = FishCost::of($fish, $settings, null, $dishes);
        if ($found->cost === null) {
            return null;
        }
        $over = [];
        foreach ($found->cost->products as $product) {
            $dish = $dishes->firstWhere('id', $product->id);
            if ($dish === null) {
                continue;
            }
            $pieces = $found->portions[$product->id];
            $given = GivenAway::of($product, FishCost::masses($pieces), $dish->band()->target, $dish->band()->minus);
            foreach ($pieces as $i => $piece) {
                $over[$piece->id] = $given->givenEachMinor[$i];
            }
        }

        return new PortionCosts($found->cost->edibleCostPerKgMinor, $over);
    }
}
