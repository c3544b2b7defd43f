<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Mass;

/** A simulated scale, with the hand that stands at it: puts a mass on the pan, or takes all off. */
interface DemoPan extends Scale
{
    /** @throws DeviceAway */
    public function put(Mass $mass): void;

    /** @throws DeviceAway */
    public function clear(): void;

    /** @throws DeviceAway */
    public function nudge(): void;
}
