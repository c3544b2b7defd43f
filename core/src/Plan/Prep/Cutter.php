<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

use Sectum\Plan\BadPlan;

/** Two hands, from when to when, and how fast they are. */
final readonly class Cutter
{
    /**
     * @param  float  $from  minute of the day
     * @param  float  $to  minute of the day
     * @param  float  $pace  what a task's minutes are multiplied by; below 1 is quick
     *
     * @throws BadPlan which names the figure
     */
    public function __construct(public string $id, public float $from, public float $to, public float $pace = 1.0)
    {
        $to >= $from || throw new BadPlan("\"{$id}\" ends before the shift begins.", $to, '/to');
        ($pace > 0 && $pace <= 10) ||
            throw new BadPlan('A pace is above 0 and at most 10.', $pace, '/pace');
    }
}
