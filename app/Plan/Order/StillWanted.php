<?php

declare(strict_types=1);

namespace App\Plan\Order;

/** Fish of which more is wanted in the days to come than lies here or is on its way. */
final readonly class StillWanted
{
    /**
     * @param  string  $day  the first that wants it, 2026-11-27
     * @param  int  $portions  of all its dishes, on average
     */
    public function __construct(public string $species, public string $name, public string $day, public int $portions)
    {
    }
}
