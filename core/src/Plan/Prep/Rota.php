<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/**
 * Tasks put one after the other onto cutters, each as early as it can be.
 *
 * A task that does not end within its cutter's shift, or waits for one that was left out, is left out.
 */
final class Rota
{
    /** @var array<int, float> by hands-on task */
    public array $starts = [];

    /** @var array<int, float> by hands-on task */
    public array $ends = [];

    /** @var array<int, int> by hands-on task */
    public array $cutters = [];

    public float $cleaning = 0.0;

    /** @var array<int, float> by cutter: when the hands are free */
    private array $free;

    /** @var array<int, int|null> by cutter */
    private array $last;

    public function __construct(private readonly Day $day)
    {
        $this->free = array_map(fn (Cutter $one): float => $one->from, $day->cutters);
        $this->last = array_map(fn (Cutter $one): ?int => null, $day->cutters);
    }

    /** When a task could begin at a cutter; null when it has to be left out. */
    public function start(int $task, int $cutter): ?float
    {
        $clean = $this->free[$cutter] + $this->day->cleaning($this->last[$cutter], $task);
        $start = max($this->day->ready[$task], $clean);
        foreach ($this->day->after[$task] as $other => $lag) {
            if (! isset($this->ends[$other])) {
                return null;
            }
            $start = max($start, $this->ends[$other] + $lag);
        }
        $hands = $this->day->cutters[$cutter];
        $end = $start + $this->day->minutes[$cutter][$task];

        return $end <= $hands->to + 1e-9 ? $start : null;
    }

    /** @return bool whether it fitted */
    public function put(int $task, int $cutter): bool
    {
        $start = $this->start($task, $cutter);
        if ($start === null) {
            return false;
        }
        $this->cleaning += $this->day->cleaning($this->last[$cutter], $task);
        $this->starts[$task] = $start;
        $this->ends[$task] = $start + $this->day->minutes[$cutter][$task];
        $this->cutters[$task] = $cutter;
        $this->free[$cutter] = $this->ends[$task];
        $this->last[$cutter] = $task;

        return true;
    }

    /** The same with another task, or null when that does not fit. */
    public function with(int $task, int $cutter): ?self
    {
        $next = clone $this;

        return $next->put($task, $cutter) ? $next : null;
    }

    /** When a task that runs by itself ends; null when it waits for one that was left out. */
    public function aloneEnd(int $task): ?float
    {
        $end = $this->day->aloneEnds[$task];
        foreach ($this->day->aloneAfter[$task] as $other => $lag) {
            if (! isset($this->ends[$other])) {
                return null;
            }
            $end = max($end, $this->ends[$other] + $lag);
        }

        return $end;
    }

    public function merit(): Merit
    {
        $late = 0.0;
        $done = count($this->ends);
        $finish = $this->ends === [] ? $this->day->opens() : max($this->ends);
        foreach ($this->ends as $task => $end) {
            $late += max(0.0, $end - ($this->day->tasks[$task]->due ?? INF));
        }
        foreach ($this->day->alone as $task => $alone) {
            $end = $this->aloneEnd($task);
            if ($end !== null) {
                $done++;
                $late += max(0.0, $end - ($alone->due ?? INF));
                $finish = max($finish, $end);
            }
        }

        return new Merit($done, $late, $finish, $this->cleaning);
    }
}
