<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Mass;

/** A simulated scale, with the hand that stands at it: puts a mass on the pan, or takes all off. */
interface DemoPan extends Scale
{
    /** @throws ScaleAway */
    public function put(Mass $mass): void;

    /** @throws ScaleAway */
    public function clear(): void;

    /** @throws ScaleAway */
    public function nudge(): void;
}
