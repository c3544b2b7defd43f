<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/** A task with its place in the day. */
final readonly class Planned
{
    /**
     * @param  string|null  $cutter  null for what runs by itself
     * @param  float  $start  minute of the day
     * @param  float  $end  minute of the day
     * @param  float  $late  minutes after it is due
     * @param  float  $cleanFrom  when the clean-down before it begins at the latest; its start if there is none
     */
    public function __construct(
        public Task $task,
        public ?string $cutter,
        public float $start,
        public float $end,
        public float $late,
        public float $cleanFrom,
    ) {
    }
}
