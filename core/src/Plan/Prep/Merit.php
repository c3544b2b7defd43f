<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/** What a plan of the day is judged by, what weighs most first; less is better, but for the tasks that are done. */
final readonly class Merit
{
    /**
     * @param  int  $done  tasks within the shifts
     * @param  float  $late  minutes, of all tasks together
     * @param  float  $finish  minute at which the last one ends
     * @param  float  $cleaning  minutes of clean-down
     */
    public function __construct(public int $done, public float $late, public float $finish, public float $cleaning)
    {
    }

    public function isBetterThan(?self $other): bool
    {
        return $other === null || $this->ordered() < $other->ordered();
    }

    /** @return list<float> what weighs most first */
    private function ordered(): array
    {
        return [(float) -$this->done, round($this->late, 6), round($this->finish, 6), round($this->cleaning, 6)];
    }
}
