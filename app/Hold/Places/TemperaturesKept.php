<?php

declare(strict_types=1);

namespace App\Hold\Places;

/** New temperatures of a place stand in the record; whoever goes by them looks again. */
final readonly class TemperaturesKept
{
    /** @param  int  $from  the earliest of them, seconds since 1970 */
    public function __construct(public Place $place, public int $from)
    {
    }
}
