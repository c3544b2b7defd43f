<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Portion\Dish\Dish;
use Sectum\Fish\Allergen;

/** Guests of a service who must not have something, and the dishes on its menu that have it. */
final readonly class AllergyGuests
{
    /** @return list<array{allergen: string, guests: int, dishes: list<string>}> */
    public static function of(Service $service): array
    {
        $all = [];
        foreach ($service->allergies as $allergen => $guests) {
            $dishes = [];
            foreach ($service->dishes as $on) {
                $dish = Dish::of($on->dish_id);
                if ($dish !== null && in_array(Allergen::from($allergen), $dish->allergens(), true)) {
                    $dishes[] = $dish->name;
                }
            }
            $all[] = ['allergen' => $allergen, 'guests' => $guests, 'dishes' => $dishes];
        }

        return $all;
    }
}
