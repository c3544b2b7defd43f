<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Temperature;

/** A simulated probe, with the hand that sticks it into a fish and pulls it out. */
interface DemoProbe extends Probe
{
    /** @throws DeviceAway */
    public function stick(Temperature $core): void;

    /** @throws DeviceAway */
    public function pull(): void;
}
