<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A good plan for a day too large to try every way: lists by several rules, the best of them mended move by move.
 *
 * A move takes one task, or what a cutter does to a fish in one go, to stand beside another task; it is kept unless it
 * is worse than what stood some moves ago (late acceptance), which lets a plan get over a hump. Seeded, so the same day
 * has one plan.
 */
final class Improve
{
    /** Tasks looked at in all, over all moves: what takes a second or so. */
    private const WORK = 900_000;

    /** How many moves ago the plan is compared with. */
    private const MEMORY = 200;

    private const SEED = 20_261_127;

    /** @var list<array<int, true>> by task: those that must come later in the order */
    private array $before;

    private readonly DayCost $cost;

    private function __construct(private readonly Day $day)
    {
        $before = array_fill(0, count($day->tasks), []);
        foreach ($day->after as $task => $others) {
            foreach (array_keys($others) as $other) {
                $before[$other][$task] = true;
            }
        }
        $this->before = $before;
        $this->cost = new DayCost($day);
    }

    public static function of(Day $day): Rota
    {
        $list = self::list($day);

        return count($day->tasks) < 2 ? $list : (new self($day))->mended($list);
    }

    /** The best list there is, as it stands: what the search begins with, and never falls behind. */
    public static function list(Day $day): Rota
    {
        $search = new self($day);
        $best = new Rota($day);
        foreach ($search->lists() as $rota) {
            $best = $rota->merit()->isBetterThan($best->merit()) ? $rota : $best;
        }

        return $best;
    }

    private function mended(Rota $list): Rota
    {
        $random = new Randomizer(new Xoshiro256StarStar(self::SEED));
        [$order, $hands] = $this->orderOf($list);
        $many = count($order);
        $cost = $this->cost->of($order, $hands);
        $memory = array_fill(0, self::MEMORY, $cost);
        $best = [$cost, $order, $hands];
        $moves = intdiv(self::WORK, $many);
        for ($move = 0; $move < $moves; $move++) {
            [$nextOrder, $nextHands] = $this->moved($order, $hands, $random);
            $next = $this->cost->of($nextOrder, $nextHands);
            if ($next <= $cost || $next <= $memory[$move % self::MEMORY]) {
                [$order, $hands, $cost] = [$nextOrder, $nextHands, $next];
                if ($cost < $best[0]) {
                    $best = [$cost, $order, $hands];
                }
            }
            $memory[$move % self::MEMORY] = $cost;
        }
        $rota = $this->rota($best[1], $best[2]);

        return $rota->merit()->isBetterThan($list->merit()) ? $rota : $list;
    }

    /**
     * Some tasks of one cutter go to stand beside another task, wherever that is.
     *
     * @param  list<int>  $order
     * @param  list<int>  $hands
     * @return array{list<int>, list<int>}
     */
    private function moved(array $order, array $hands, Randomizer $random): array
    {
        $many = count($order);
        $from = $random->getInt(0, $many - 1);
        $block = $random->getInt(0, 2) === 0 ? $this->block($order, $hands, $from) : [$order[$from]];
        $beside = $order[$random->getInt(0, $many - 1)];
        $cutter = $random->getInt(0, 9) === 0
            ? $random->getInt(0, count($this->day->cutters) - 1)
            : $hands[$beside];
        $moving = array_fill_keys($block, true);
        $others = array_values(array_filter($order, fn (int $task): bool => ! isset($moving[$task])));
        $at = (int) array_search($beside, $others, true) + $random->getInt(0, 1);
        [$low, $high] = $this->room($others, $block);
        array_splice($others, max($low, min($high, $at)), 0, $block);
        $moved = array_map(
            fn (int $task): int => isset($moving[$task]) ? $cutter : $hands[$task],
            array_keys($hands),
        );

        return [$others, $moved];
    }

    /**
     * What a cutter does to one fish in one go, from a task on.
     *
     * @param  list<int>  $order
     * @param  list<int>  $hands
     * @return non-empty-list<int>
     */
    private function block(array $order, array $hands, int $from): array
    {
        $block = [$order[$from]];
        $cutter = $hands[$order[$from]];
        for ($at = $from + 1; $at < count($order); $at++) {
            if ($hands[$order[$at]] === $cutter) {
                if ($this->day->cleaning($block[count($block) - 1], $order[$at]) > 0) {
                    break;
                }
                $block[] = $order[$at];
            }
        }

        return $block;
    }

    /**
     * Where tasks may stand together among the others: after all they wait for, before all that wait for them. There
     * is none where another must stand between them; they then stand as early as they can.
     *
     * @param  list<int>  $others
     * @param  non-empty-list<int>  $block
     * @return array{int, int}
     */
    private function room(array $others, array $block): array
    {
        $after = $before = [];
        foreach ($block as $task) {
            $after += $this->day->after[$task];
            $before += $this->before[$task];
        }
        $low = 0;
        $high = count($others);
        foreach ($others as $at => $other) {
            if (isset($after[$other])) {
                $low = $at + 1;
            } elseif (isset($before[$other]) && $high > $at) {
                $high = $at;
            }
        }

        return [$low, max($low, $high)];
    }

    /** @return array{list<int>, list<int>} an order of all tasks, and the cutter of each */
    private function orderOf(Rota $rota): array
    {
        $order = array_keys($rota->cutters);
        $left = array_values(array_diff(array_keys($this->day->tasks), $order));
        $hands = array_map(fn (int $task): int => $rota->cutters[$task] ?? 0, array_keys($this->day->tasks));
        // Those left out come last, each after what it waits for.
        while ($left !== []) {
            foreach ($left as $i => $task) {
                if (array_diff(array_keys($this->day->after[$task]), $order) === []) {
                    $order[] = $task;
                    unset($left[$i]);
                }
            }
        }

        return [$order, $hands];
    }

    /**
     * @param  list<int>  $order
     * @param  list<int>  $hands  by task
     */
    private function rota(array $order, array $hands): Rota
    {
        $rota = new Rota($this->day);
        foreach ($order as $task) {
            $rota->put($task, $hands[$task]);
        }

        return $rota;
    }

    /**
     * Lists: the next task is the one that is due first, or has most after it, or belongs to the fish on the board;
     * whoever is done with it first takes it.
     *
     * @return list<Rota>
     */
    private function lists(): array
    {
        $tasks = $this->day->tasks;
        $rest = $this->rest();
        $rules = [
            fn (int $i): array => [$tasks[$i]->due ?? INF, $tasks[$i]->lot ?? '', $i],
            fn (int $i): array => [-$rest[$i], $tasks[$i]->due ?? INF, $i],
            fn (int $i): array => [! $tasks[$i]->raw, $tasks[$i]->lot ?? '', $tasks[$i]->due ?? INF, $i],
            fn (int $i): array => [$this->day->ready[$i], $tasks[$i]->due ?? INF, $i],
        ];

        return array_map($this->byRule(...), $rules);
    }

    /** @param  callable(int): list<mixed>  $rule  least first */
    private function byRule(callable $rule): Rota
    {
        $rota = new Rota($this->day);
        $seen = [];
        $left = array_keys($this->day->tasks);
        while ($left !== []) {
            $open = array_values(array_filter(
                $left,
                fn (int $i): bool => array_diff_key($this->day->after[$i], $seen) === [],
            ));
            usort($open, fn (int $a, int $b): int => $rule($a) <=> $rule($b));
            $task = $open[0];
            $soonest = [INF, 0];
            foreach ($this->day->cutters as $cutter => $one) {
                $start = $rota->start($task, $cutter);
                $end = $start === null ? INF : $start + $this->day->tasks[$task]->minutes * $one->pace;
                $soonest = min($soonest, [$end, $cutter]);
            }
            $rota->put($task, $soonest[1]);
            $seen[$task] = true;
            $left = array_values(array_diff($left, [$task]));
        }

        return $rota;
    }

    /** @return list<float> by task: minutes of it and of all that waits for it, along the longest way */
    private function rest(): array
    {
        $rest = array_map(fn (Task $task): float => $task->minutes, $this->day->tasks);
        for ($changed = true; $changed;) {
            $changed = false;
            foreach ($this->day->after as $task => $others) {
                foreach ($others as $other => $lag) {
                    $long = $this->day->tasks[$other]->minutes + $lag + $rest[$task];
                    if ($long > $rest[$other] + 1e-9) {
                        $rest[$other] = $long;
                        $changed = true;
                    }
                }
            }
        }

        return array_values($rest);
    }
}
