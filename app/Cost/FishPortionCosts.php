<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\CostOfPortions;
use App\Fish\Fish;
use App\Fish\PortionCosts;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Sectum\Cost\GivenAway;

/** The figures of the cost page, for the board: the same fish costs the same on both. */
final readonly class FishPortionCosts implements CostOfPortions
{
    private const TABLES = [
        'fish',
        'pieces',
        'readings',
        'reading_voids',
        'dishes',
        'bins',
        'bin_deposits',
        'bin_withdrawals',
        'makings',
        'settings',
    ];

    public function of(Fish $fish, Settings $settings): ?PortionCosts
    {
        return Remembered::of("costs:{$fish->id}", self::TABLES, fn (): ?PortionCosts => self::found($fish, $settings));
    }

    private static function found(Fish $fish, Settings $settings): ?PortionCosts
    {
        $found = FishCost::of($fish, $settings);
        if ($found->cost === null) {
            return null;
        }
        $over = [];
        foreach ($found->cost->products as $product) {
            $dish = Dish::of($product->id);
            if ($dish === null) {
                continue;
            }
            $pieces = $found->portions[$product->id];
            $given = GivenAway::of($product, $found->masses($pieces), $dish->each()->target, $dish->each()->minus);
            foreach ($pieces as $i => $piece) {
                $over[$piece->id] = isset($over[$piece->id])
                    ? $over[$piece->id]->plus($given->givenEach[$i])
                    : $given->givenEach[$i];
            }
        }

        return new PortionCosts($found->cost->edible, $over);
    }
}
