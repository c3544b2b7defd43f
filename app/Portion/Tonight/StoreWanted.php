<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Sectum\Portion\Serve\Sizes;

/** How many portions of a dish are wanted tonight; shared over its sizes when somebody asks for that. */
final readonly class StoreWanted
{
    public function __construct(private Tonight $tonight)
    {
    }

    public function __invoke(string $dish, int $need, bool $shared): void
    {
        DB::connection()->transaction(function () use ($dish, $need, $shared): void {
            $chosen = Dish::chosen($dish);
            $shares = [];
            foreach ($shared ? $chosen->sizes() : [] as $size) {
                $shares[$size->id] = $size->share_pct;
            }
            foreach (Sizes::of($need, $shares) as $size => $orders) {
                WantedTonight::rows()->updateOrInsert(
                    ['day' => $this->tonight->day(), 'dish_id' => $size === '' ? $chosen->id : $size],
                    ['need' => $orders],
                );
            }
        });
    }
}
