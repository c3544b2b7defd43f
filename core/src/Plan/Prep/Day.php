<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

use Sectum\Plan\BadPlan;

/**
 * The work of a day and the hands for it, made ready for a search.
 *
 * What runs by itself takes no hands and begins as soon as it can, so it only puts time between tasks that do: what is
 * left are hands-on tasks, each with the earliest it can begin and the time that must lie between it and others.
 */
final readonly class Day
{
    /** @var list<Task> those that take hands */
    public array $tasks;

    /** @var list<Task> those that run by themselves */
    public array $alone;

    /** @var non-empty-list<list<float>> by cutter, by hands-on task; endless where it is another's */
    public array $minutes;

    /** @var list<float> by hands-on task: the earliest it can begin, whatever the others do */
    public array $ready;

    /** @var list<array<int, float>> by hands-on task: minutes that must lie between the end of another and its start */
    public array $after;

    /** @var list<float> by task that runs by itself: the earliest it can end */
    public array $aloneEnds;

    /** @var list<array<int, float>> by task that runs by itself: minutes from a hands-on task's end to its own */
    public array $aloneAfter;

    /**
     * @param  list<Task>  $all
     * @param  non-empty-list<Cutter>  $cutters
     * @param  float  $changeover  minutes of a clean-down
     *
     * @throws BadPlan when a name is there twice or unknown, a cutter is not there, or tasks wait for each other in a
     *     circle
     */
    public function __construct(array $all, public array $cutters, public float $changeover)
    {
        ($changeover >= 0 && $changeover <= 240) ||
            throw new BadPlan('A clean-down takes 0 to 240 minutes.', $changeover, '/changeover_minutes');
        $named = [];
        foreach ($all as $i => $task) {
            isset($named[$task->id]) &&
                throw new BadPlan("There are two tasks \"{$task->id}\".", $task->id, "/tasks/{$i}/id");
            $named[$task->id] = $task;
        }
        foreach ($all as $i => $task) {
            foreach ($task->after as $j => $other) {
                isset($named[$other]) ||
                    throw new BadPlan("There is no task \"{$other}\".", $other, "/tasks/{$i}/after/{$j}");
            }
        }
        $hands = array_map(fn (Cutter $one): string => $one->id, $cutters);
        foreach ($all as $i => $task) {
            ($task->by === null || in_array($task->by, $hands, true)) ||
                throw new BadPlan("\"{$task->by}\" does not cut that day.", $task->by, "/tasks/{$i}/by");
        }
        $opens = min(array_map(fn (Cutter $one): float => $one->from, $cutters));
        $this->tasks = array_values(array_filter($all, fn (Task $task): bool => $task->hands));
        $this->alone = array_values(array_filter($all, fn (Task $task): bool => ! $task->hands));
        $this->minutes = array_map(
            fn (Cutter $one): array => array_map(fn (Task $task): float => self::takes($task, $one), $this->tasks),
            $cutters,
        );
        $place = array_flip(array_map(fn (Task $task): string => $task->id, $this->tasks));
        /** @var array<string, float> $ends */
        $ends = [];
        /** @var array<string, array<int, float>> $lags */
        $lags = [];
        foreach (self::inOrder($all, $named) as $task) {
            $ready = $task->ready ?? ($task->after === [] || $task->hands ? $opens : -INF);
            /** @var array<int, float> $lag */
            $lag = [];
            foreach ($task->after as $other) {
                if ($named[$other]->hands) {
                    $lag[$place[$other]] = max($lag[$place[$other]] ?? 0.0, 0.0);
                } else {
                    $ready = max($ready, $ends[$other]);
                    foreach ($lags[$other] as $i => $minutes) {
                        $lag[$i] = max($lag[$i] ?? 0.0, $minutes);
                    }
                }
            }
            $ends[$task->id] = $task->hands ? $ready : $ready + $task->minutes;
            $lags[$task->id] = $task->hands ? $lag : self::longer($lag, $task->minutes);
        }
        $this->ready = array_map(fn (Task $task): float => $ends[$task->id], $this->tasks);
        $this->after = array_map(fn (Task $task): array => $lags[$task->id], $this->tasks);
        $this->aloneEnds = array_map(fn (Task $task): float => $ends[$task->id], $this->alone);
        $this->aloneAfter = array_map(fn (Task $task): array => $lags[$task->id], $this->alone);
    }

    private static function takes(Task $task, Cutter $cutter): float
    {
        return $task->by === null || $task->by === $cutter->id ? $task->minutes * $cutter->pace : INF;
    }

    /**
     * @param  array<int, float>  $lag
     * @return array<int, float>
     */
    private static function longer(array $lag, float $by): array
    {
        return array_map(fn (float $minutes): float => $minutes + $by, $lag);
    }

    /** The earliest any cutter begins. */
    public function opens(): float
    {
        return min(array_map(fn (Cutter $one): float => $one->from, $this->cutters));
    }

    /** Minutes of clean-down between two tasks of one cutter; none before the first. */
    public function cleaning(?int $before, int $task): float
    {
        if ($before === null) {
            return 0.0;
        }
        [$a, $b] = [$this->tasks[$before], $this->tasks[$task]];

        return $a->lot === null || $a->lot !== $b->lot || ($b->raw && ! $a->raw) ? $this->changeover : 0.0;
    }

    /**
     * @param  list<Task>  $all
     * @param  array<string, Task>  $named
     * @return list<Task> each after what it waits for
     */
    private static function inOrder(array $all, array $named): array
    {
        $done = [];
        $waiting = $all;
        while ($waiting !== []) {
            $next = array_filter(
                $waiting,
                fn (Task $task): bool => array_diff($task->after, array_keys($done)) === [],
            );
            if ($next === []) {
                $circle = self::circle($waiting[0], $named, $done);

                throw new BadPlan(
                    'These wait for each other in a circle: '.implode(', ', $circle).'.',
                    $circle,
                    '/tasks',
                );
            }
            foreach ($next as $task) {
                $done[$task->id] = $task;
            }
            $waiting = array_values(array_diff_key($waiting, $next));
        }

        return array_values($done);
    }

    /**
     * @param  array<string, Task>  $named
     * @param  array<string, Task>  $done
     * @return list<string>
     */
    private static function circle(Task $from, array $named, array $done): array
    {
        $path = [];
        $at = $from->id;
        while (! in_array($at, $path, true)) {
            $path[] = $at;
            $open = array_values(array_filter($named[$at]->after, fn (string $id): bool => ! isset($done[$id])));
            $at = $open[0];
        }

        return array_slice($path, (int) array_search($at, $path, true));
    }
}
