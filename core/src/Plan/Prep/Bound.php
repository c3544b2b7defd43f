<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/**
 * What no plan of the day can beat: the earliest finish, and minutes late.
 *
 * Work that cannot begin before some minute, and has some time to run after it, takes all hands together at least so
 * long; every further kind of fish costs one clean-down. True whatever the plan.
 */
final readonly class Bound
{
    private function __construct(public float $finish, public float $late)
    {
    }

    public static function of(Day $day): self
    {
        $least = array_map(
            fn (int $task): float => min(array_map(fn (array $takes): float => $takes[$task], $day->minutes)),
            array_keys($day->tasks),
        );
        $heads = self::heads($day, $least);
        $tails = self::tails($day, $least);
        $finish = $day->opens();
        foreach ($day->alone as $i => $_) {
            $end = $day->aloneEnds[$i];
            foreach ($day->aloneAfter[$i] as $other => $lag) {
                $end = max($end, $heads[$other] + $least[$other] + $lag);
            }
            $finish = max($finish, $end);
        }
        $late = 0.0;
        foreach ($day->tasks as $i => $task) {
            $finish = max($finish, $heads[$i] + $least[$i] + $tails[$i]);
            $late += max(0.0, $heads[$i] + $least[$i] - ($task->due ?? INF));
        }
        $dues = array_unique(array_filter(
            array_map(fn (Task $one): ?float => $one->due, $day->tasks),
            fn (?float $due): bool => $due !== null,
        ));
        foreach (array_unique($heads) as $head) {
            foreach (array_unique($tails) as $tail) {
                $set = array_filter(
                    array_keys($day->tasks),
                    fn (int $i): bool => $heads[$i] >= $head && $tails[$i] >= $tail,
                );
                $finish = max($finish, self::done($day, $set, $head) + $tail);
            }
            foreach ($dues as $due) {
                $set = array_filter(
                    array_keys($day->tasks),
                    fn (int $i): bool => $heads[$i] >= $head && ($day->tasks[$i]->due ?? INF) <= $due,
                );
                $late = max($late, self::done($day, $set, $head) - $due);
            }
        }

        return new self($finish, $late);
    }

    /**
     * When all hands together can have done some tasks that begin no earlier than a minute.
     *
     * @param  array<int, int>  $set
     */
    private static function done(Day $day, array $set, float $head): float
    {
        if ($set === []) {
            return -INF;
        }
        $work = array_sum(array_map(fn (int $i): float => $day->tasks[$i]->minutes, $set));
        $slow = max(array_map(fn (Cutter $one): float => $one->pace, $day->cutters));
        $work += self::lost($day, $set, $slow) / $slow;
        $from = array_map(fn (Cutter $one): array => [max($head, $one->from), $one->to, $one->pace], $day->cutters);
        $steps = array_unique([...array_column($from, 0), ...array_column($from, 1)]);
        sort($steps);
        foreach ($steps as $i => $step) {
            $open = array_filter($from, fn (array $one): bool => $one[0] <= $step && $one[1] > $step);
            $rate = array_sum(array_map(fn (array $one): float => 1 / $one[2], $open));
            $long = ($steps[$i + 1] ?? INF) - $step;
            if ($rate > 0 && $work <= $rate * $long + 1e-9) {
                return $step + $work / $rate;
            }
            $work -= $rate > 0 ? $rate * $long : 0.0;
        }

        // More than all shifts hold: what is left out does not count, so nothing more can be said than this.
        return $head;
    }

    /**
     * Minutes lost to clean-downs between the fish of a set, at least.
     *
     * A cutter's first fish needs none, every other one does. A fish whose tasks are parted by something that runs by
     * itself is taken up again after another one, which is one more, or its cutter stands and waits.
     *
     * @param  non-empty-array<int, int>  $set
     */
    private static function lost(Day $day, array $set, float $slow): float
    {
        $lots = [];
        foreach ($set as $i) {
            $lots[$day->tasks[$i]->lot ?? "\0{$i}"][] = $i;
        }
        $costs = array_fill(0, count($lots), $day->changeover);
        foreach ($lots as $lot) {
            $parted = min($day->changeover, self::waiting($day, $lot, $slow));
            if ($parted > 0) {
                $costs[] = $parted;
            }
        }
        // Which of them fall away with the first fish of each cutter is not known: the dearest.
        rsort($costs);

        return array_sum(array_slice($costs, count($day->cutters)));
    }

    /**
     * How long a cutter would stand who waits for what runs by itself between the tasks of one fish.
     *
     * @param  list<int>  $lot
     */
    private static function waiting(Day $day, array $lot, float $slow): float
    {
        $lag = INF;
        $parted = [];
        foreach ($lot as $later) {
            foreach (array_intersect_key($day->after[$later], array_flip($lot)) as $sooner => $minutes) {
                if ($minutes > 0) {
                    $lag = min($lag, $minutes);
                    $parted[$later] = $parted[$sooner] = true;
                }
            }
        }
        if ($parted === []) {
            return 0.0;
        }
        $between = array_diff($lot, array_keys($parted));

        return max(0.0, $lag - $slow * array_sum(array_map(fn (int $i): float => $day->tasks[$i]->minutes, $between)));
    }

    /**
     * @param  list<float>  $least
     * @return list<float> by task: the earliest it can begin
     */
    private static function heads(Day $day, array $least): array
    {
        $heads = $day->ready;
        $opens = $day->opens();
        for ($changed = true; $changed;) {
            $changed = false;
            foreach ($day->tasks as $i => $_) {
                $head = max($heads[$i], $opens);
                foreach ($day->after[$i] as $other => $lag) {
                    $head = max($head, $heads[$other] + $least[$other] + $lag);
                }
                $changed = $changed || $head > $heads[$i];
                $heads[$i] = $head;
            }
        }

        return array_values($heads);
    }

    /**
     * @param  list<float>  $least
     * @return list<float> by task: the least time from its end to the finish
     */
    private static function tails(Day $day, array $least): array
    {
        $tails = array_fill(0, count($day->tasks), 0.0);
        foreach ($day->aloneAfter as $lags) {
            foreach ($lags as $other => $lag) {
                $tails[$other] = max($tails[$other], $lag);
            }
        }
        for ($changed = true; $changed;) {
            $changed = false;
            foreach ($day->tasks as $i => $_) {
                foreach ($day->after[$i] as $other => $lag) {
                    if ($lag + $least[$i] + $tails[$i] > $tails[$other] + 1e-9) {
                        $tails[$other] = $lag + $least[$i] + $tails[$i];
                        $changed = true;
                    }
                }
            }
        }

        return array_values($tails);
    }
}
