<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Devices\DemoLogger;
use App\Devices\DeviceAway;
use App\Hold\Places\Place;

/** The hand of the demo that sticks the stand-in's core probe into what freezes, and pulls it when the record ends. */
final readonly class DemoHand
{
    public static function holds(DemoLogger $logger): void
    {
        $runs = FreezingRun::query()->where('core_probe', true)->whereNull('ended_at')->get();
        foreach (Place::query()->where('channel', '!=', '')->whereNull('retired_at')->get() as $place) {
            try {
                $logger->load($place->channel, $runs->firstWhere('place_id', $place->id)?->loadedS());
            } catch (DeviceAway) {
                return;
            }
        }
    }
}
