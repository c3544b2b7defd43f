<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/**
 * What a plan costs, as one number, for a search that asks it thousands of times.
 *
 * It follows {@see Rota} task by task; a plan that is better there costs less here. When all ends a little earlier it
 * costs a hair less, though no merit says so: that is what leads a search out of a plain.
 */
final readonly class DayCost
{
    /** @var list<list<float>> by cutter, by task: minutes */
    private array $minutes;

    /** @var list<list<float>> by task before, by task: minutes of clean-down */
    private array $cleaning;

    /** @var list<float> by task */
    private array $due;

    public function __construct(private Day $day)
    {
        $this->minutes = $day->minutes;
        $this->cleaning = array_map(
            fn (int $before): array => array_map(
                fn (int $task): float => $day->cleaning($before, $task),
                array_keys($day->tasks),
            ),
            array_keys($day->tasks),
        );
        $this->due = array_map(fn (Task $task): float => $task->due ?? INF, $day->tasks);
    }

    public function of(Turns $turns): float
    {
        $hands = $turns->hands;
        [$ready, $after, $minutes, $clean, $due] =
            [$this->day->ready, $this->day->after, $this->minutes, $this->cleaning, $this->due];
        $free = $to = $last = $ends = [];
        foreach ($this->day->cutters as $cutter => $one) {
            $free[$cutter] = $one->from;
            $to[$cutter] = $one->to + 1e-9;
            $last[$cutter] = -1;
        }
        $late = $cleaning = $sum = 0.0;
        $finish = $this->day->opens();
        $out = 0;
        foreach ($turns->order as $task) {
            $cutter = $hands[$task];
            $wash = $last[$cutter] < 0 ? 0.0 : $clean[$last[$cutter]][$task];
            $start = $free[$cutter] + $wash;
            if ($ready[$task] > $start) {
                $start = $ready[$task];
            }
            foreach ($after[$task] as $other => $lag) {
                $can = ($ends[$other] ?? INF) + $lag;
                if ($can > $start) {
                    $start = $can;
                }
            }
            $end = $start + $minutes[$cutter][$task];
            if ($end > $to[$cutter]) {
                $out++;

                continue;
            }
            $ends[$task] = $free[$cutter] = $end;
            $last[$cutter] = $task;
            $cleaning += $wash;
            $sum += $end;
            if ($end > $due[$task]) {
                $late += $end - $due[$task];
            }
            if ($end > $finish) {
                $finish = $end;
            }
        }
        foreach ($this->day->alone as $task => $alone) {
            $end = $this->day->aloneEnds[$task];
            foreach ($this->day->aloneAfter[$task] as $other => $lag) {
                $end = max($end, ($ends[$other] ?? INF) + $lag);
            }
            if ($end === INF) {
                $out++;
            } else {
                $late += max(0.0, $end - ($alone->due ?? INF));
                $finish = max($finish, $end);
            }
        }
        // The ends of the shifts, squared, draw work away from the hands that are done last.
        $level = 0.0;
        foreach ($free as $one) {
            $level += $one * $one;
        }

        return $out * 1e12 + $late * 1e8 + $finish * 1e4 + $cleaning * 10 + sqrt($level / count($free)) + $sum * 1e-4;
    }
}
