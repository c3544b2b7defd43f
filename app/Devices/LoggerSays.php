<?php

declare(strict_types=1);

namespace App\Devices;

/** What a logger sent of one channel: its samples as they came, judged by nobody yet, and how full its battery is. */
final readonly class LoggerSays
{
    /** @param  list<array{int, float|null, float|null}>  $samples  seconds since 1970, air and core in °C */
    public function __construct(public array $samples, public ?int $batteryPct)
    {
    }
}
