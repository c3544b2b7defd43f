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
        $services = Service::held()->with('dishes')->where('day', $day->format('Y-m-d'))->get();

        return array_map(fn (array $days): int => (int) round(array_sum($days)), Menu::wanted($services));
    }
}
