<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;

/** How many portions of a dish are wanted tonight. */
final readonly class StoreWanted
{
    public function __construct(private Tonight $tonight)
    {
    }

    public function __invoke(string $dish, int $need): void
    {
        DB::connection()->transaction(function () use ($dish, $need): void {
            $chosen = Dish::chosen($dish);
            WantedTonight::rows()->updateOrInsert(
                ['day' => $this->tonight->day(), 'dish_id' => $chosen->id],
                ['need' => $need],
            );
        });
    }
}
