<?php

declare(strict_types=1);

namespace App;

use Illuminate\Support\Carbon;
use Psr\Clock\ClockInterface;

/** The time of day, as the framework has it, so that a test can set it. */
final readonly class SystemClock implements ClockInterface
{
    public function now(): \DateTimeImmutable
    {
        return Carbon::now()->toDateTimeImmutable();
    }
}
