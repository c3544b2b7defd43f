<?php

declare(strict_types=1);

namespace App\Devices;

/** A temperature logger with a channel a place, which remembers what it measured. */
interface Logger
{
    /**
     * @param  int  $after  seconds since 1970: what it wrote down later than this, oldest first
     *
     * @throws DeviceAway when it does not answer
     */
    public function since(string $channel, int $after): LoggerSays;

    /**
     * @return list<string> the channels it has
     *
     * @throws DeviceAway when it does not answer
     */
    public function channels(): array;
}
