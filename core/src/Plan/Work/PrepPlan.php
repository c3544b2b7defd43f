<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\BadPlan;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Prep\Planned;
use Sectum\Plan\Prep\Schedule;
use Sectum\Plan\Prep\Task;

/** The day's work with the hands for it: who does what when, what is pinned, and what will not be ready. */
final readonly class PrepPlan
{
    /**
     * @param  array<string, Planned>  $planned  by task
     * @param  list<string>  $leftOut  tasks the shifts have no room for
     * @param  list<Pin>  $ignored  pins of tasks that are not there, or of hands that are not
     */
    private function __construct(
        public Workload $work,
        public array $planned,
        public array $leftOut,
        public array $ignored,
        public Schedule $schedule,
    ) {
    }

    /**
     * @param  non-empty-list<Cutter>  $cutters
     * @param  float  $changeover  minutes of a clean-down
     * @param  list<Pin>  $pins
     * @param  float  $effort  share of the usual search
     *
     * @throws BadPlan
     */
    public static function of(
        Workload $work,
        array $cutters,
        float $changeover,
        array $pins = [],
        float $effort = 1.0,
    ): self {
        $hands = [];
        foreach ($cutters as $cutter) {
            $hands[$cutter->id] = $cutter;
        }
        $tasks = [];
        foreach ($work->tasks() as $task) {
            $tasks[$task->id] = $task;
        }
        $ignored = [];
        $asked = $tasks;
        foreach ($pins as $pin) {
            if (
                isset($asked[$pin->task]) &&
                ($pin->cutter === null || (isset($hands[$pin->cutter]) && $asked[$pin->task]->hands))
            ) {
                $asked[$pin->task] = self::pinned(
                    $asked[$pin->task],
                    $pin,
                    $pin->cutter === null ? null : $hands[$pin->cutter],
                );
            } else {
                $ignored[] = $pin;
            }
        }
        $schedule = Schedule::of(array_values($asked), $cutters, $changeover, $effort);
        $planned = [];
        foreach ($schedule->tasks as $one) {
            $task = $tasks[$one->task->id];
            // Late is what is later than the service wants it, not what is later than it was pinned.
            $planned[$task->id] = new Planned(
                $task,
                $one->cutter,
                $one->start,
                $one->end,
                max(0.0, $one->end - ($task->due ?? INF)),
                $one->cleanFrom,
            );
        }

        return new self($work, $planned, $schedule->leftOut, $ignored, $schedule);
    }

    /** Minutes late of all tasks together. */
    public function late(): float
    {
        return array_sum(array_map(fn (Planned $one): float => $one->late, $this->planned));
    }

    /** Minute at which the last task ends; the first shift's begin when there is none. */
    public function finish(): float
    {
        return $this->planned === []
            ? $this->schedule->opens
            : max(array_map(fn (Planned $one): float => $one->end, $this->planned));
    }

    public function isReady(): bool
    {
        return $this->leftOut === [] && $this->late() <= 1e-6;
    }

    /**
     * Dishes at a service that will not be ready, with the minutes they are late; null where they are not done at all.
     *
     * @return array<string, float|null> the worst first
     */
    public function notReady(): array
    {
        $late = [];
        foreach ($this->work->jobs as $job) {
            $id = $job->serves;
            if ($id === null) {
                continue;
            }
            $one = $this->planned[$job->task->id] ?? null;
            if ($one === null) {
                $late[$id] = null;
            } elseif ($one->late > 1e-6 && ! array_key_exists($id, $late)) {
                $late[$id] = $one->late;
            }
        }
        uasort($late, fn (?float $a, ?float $b): int => ($b ?? INF) <=> ($a ?? INF));

        return $late;
    }

    /** A task begins no earlier than it was pinned, and is late when it ends later than that would have it. */
    private static function pinned(Task $task, Pin $pin, ?Cutter $cutter): Task
    {
        $ready = $pin->at === null ? $task->ready : max($task->ready ?? -INF, $pin->at);
        $due = $pin->at === null
            ? $task->due
            : min($task->due ?? INF, max($task->ready ?? -INF, $pin->at) + $task->minutes * ($cutter->pace ?? 1.0));

        return new Task(
            $task->id,
            $task->minutes,
            $ready,
            $due === null ? null : max($due, $ready ?? -INF),
            $task->after,
            $task->lot,
            $task->raw,
            $task->hands,
            $pin->cutter,
        );
    }
}
