<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Contract\Fault;
use App\Fish\Fish;
use Illuminate\Support\Facades\DB;

/** Which dish a fish is portioned for. */
final readonly class ChooseDish
{
    public function __invoke(Fish $fish, string $dish, int $version): void
    {
        DB::connection()->transaction(function () use ($fish, $dish, $version): void {
            $fish = Fish::query()->findOrFail($fish->id);
            $fish->mustBeOpen();
            if ($fish->dish_id === $dish) {
                return;
            }
            $fish->mustBeAt($version);
            Dish::query()->whereKey($dish)->exists() ||
                throw Fault::inField('/dish', 'This dish is not on the list any more.');
            $fish->dish_id = $dish;
            $fish->changed();
        });
    }
}
