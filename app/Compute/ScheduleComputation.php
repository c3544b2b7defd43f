<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Prep\Planned;
use Sectum\Plan\Prep\Schedule;
use Sectum\Plan\Prep\Task;

/** `schedule`: who cuts what, and when? */
final readonly class ScheduleComputation implements Computation
{
    public static function name(): string
    {
        return 'schedule';
    }

    public function answer(Fields $request): array
    {
        $cutters = [];
        foreach ($request->list('cutters') as $i => $cutter) {
            $cutters[] = Fault::within(
                "/cutters/{$i}",
                fn (): Cutter => new Cutter(
                    $cutter->string('id'),
                    $cutter->number('from'),
                    $cutter->number('to'),
                    $cutter->number('pace', 1),
                ),
            );
        }
        $cutters === [] && throw Fault::inField('/cutters', 'Give between 1 and 12 cutters.');
        count(array_unique(array_map(fn (Cutter $one): string => $one->id, $cutters))) === count($cutters) ||
            throw Fault::inField('/cutters', 'Each cutter has a name of their own.');
        $tasks = [];
        foreach ($request->list('tasks') as $i => $task) {
            $tasks[] = Fault::within(
                "/tasks/{$i}",
                fn (): Task => new Task(
                    $task->string('id'),
                    $task->number('minutes'),
                    $task->maybeNumber('ready'),
                    $task->maybeNumber('due'),
                    $task->strings('after'),
                    $task->maybeString('lot'),
                    $task->has('raw') && $task->bool('raw'),
                    ! $task->has('hands') || $task->bool('hands'),
                ),
            );
        }
        $day = Schedule::of($tasks, $cutters, $request->number('changeover_minutes', 0));

        return [
            'fits' => $day->fits(),
            'tasks' => array_map(
                fn (Planned $one): array => [
                    'id' => $one->task->id,
                    'cutter' => $one->cutter,
                    'start' => $one->start,
                    'end' => $one->end,
                    'late' => $one->late,
                ],
                $day->tasks,
            ),
            'left_out' => $day->leftOut,
            'late_minutes' => $day->merit->late,
            'finish' => $day->merit->finish,
            'changeover_minutes' => $day->merit->cleaning,
            'bound_finish' => $day->boundFinish,
            'bound_late' => $day->boundLate,
            'gap_pct' => $day->gapPct(),
            'proven' => $day->proven,
        ];
    }
}
