<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Fish\PlannedPortions;
use DateTimeImmutable;

/** What the services of a day should want of each dish, all together. */
final readonly class PlannedHere implements PlannedPortions
{
    public function on(DateTimeImmutable $day): array
    {
        $learned = Learned::here();
        $means = [];
        foreach (Service::held()->with('dishes')->where('day', $day->format('Y-m-d'))->get() as $service) {
            $menu = new Menu($service, $learned);
            foreach ($service->dishes as $dish) {
                $means[$dish->dish_id] = ($means[$dish->dish_id] ?? 0.0) + $menu->demand($dish)->portions->mean();
            }
        }

        return array_map(fn (float $mean): int => (int) round($mean), $means);
    }
}
