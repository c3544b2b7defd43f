<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Mass;

/** The hand at a simulated scale: puts a mass on the pan, or takes all off. */
interface DemoPan
{
    /** @throws ScaleAway */
    public function put(Mass $mass): void;

    /** @throws ScaleAway */
    public function clear(): void;

    /** @throws ScaleAway */
    public function nudge(): void;
}
