<?php

declare(strict_types=1);

namespace App\Devices;

/** A probe thermometer, however it is reached. */
interface Probe
{
    /** @throws DeviceAway when it does not answer */
    public function sample(): ProbeSample;
}
