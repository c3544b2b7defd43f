<?php

declare(strict_types=1);

namespace App;

use App\Kitchen\Settings;
use Illuminate\Support\Carbon;
use Psr\Clock\ClockInterface;

/** The time of day on the house's clock; the framework has it, so that a test can set it. */
final readonly class SystemClock implements ClockInterface
{
    public function now(): \DateTimeImmutable
    {
        return Settings::load()->time->local(Carbon::now());
    }
}
