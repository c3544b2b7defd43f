<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Fish\ExpectedPortions;
use App\Fish\Fish;
use Sectum\Measure\Mass;
use Sectum\Portion\Forecast;

/** By the dish the fish is for, or the heaviest one of its kind. */
final readonly class UsualPortions implements ExpectedPortions
{
    public function of(Fish $fish, Mass $fillets): ?string
    {
        $dish =
            Dish::of($fish->dish_id) ??
            Dish::cutFor($fish->species_id)->firstWhere('species_id', $fish->species_id);
        $count = $dish === null ? 0 : Forecast::of($fillets, $dish->band());

        return $dish === null || $count === 0 ? null : "about {$count} × {$dish->name}";
    }
}
