<?php

declare(strict_types=1);

namespace App\Devices;

/** A bench scale, however it is reached. */
interface Scale
{
    /** @throws DeviceAway when it does not answer */
    public function sample(): ScaleSample;

    /**
     * Takes what lies on the pan now as the tare.
     *
     * @throws DeviceAway when it does not answer
     */
    public function tare(): ScaleSample;
}
