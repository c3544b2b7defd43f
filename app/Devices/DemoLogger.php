<?php

declare(strict_types=1);

namespace App\Devices;

/** A simulated logger, with the hand that puts its core probe into a fish, and leaves the door open. */
interface DemoLogger extends Logger
{
    /**
     * @param  int|null  $at  since when the probe is in the fish, seconds since 1970; null to pull it out now
     *
     * @throws DeviceAway
     */
    public function load(string $channel, ?int $at): void;

    /** @throws DeviceAway */
    public function door(string $channel, int $minutes): void;
}
