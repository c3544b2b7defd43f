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

    /** @param  float  $effort  share of the usual search */
    public static function of(Day $day, float $effort = 1.0): Rota
    {
        $list = self::list($day);

        return count($day->tasks) < 2 ? $list : (new self($day))->mended($list, $effort);
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

    private function mended(Rota $list, float $effort): Rota
    {
        $random = new Randomizer(new Xoshiro256StarStar(self::SEED));
        $turns = $best = $this->turnsOf($list);
        $cost = $least = $this->cost->of($turns);
        $memory = array_fill(0, self::MEMORY, $cost);
        $moves = intdiv((int) ($effort * self::WORK), count($turns->order));
        for ($move = 0; $move < $moves; $move++) {
            $moved = $this->moved($turns, $random);
            $next = $this->cost->of($moved);
            if ($next <= $cost || $next <= $memory[$move % self::MEMORY]) {
                [$turns, $cost] = [$moved, $next];
                if ($cost < $least) {
                    [$best, $least] = [$turns, $cost];
                }
            }
            $memory[$move % self::MEMORY] = $cost;
        }
        $rota = $this->rota($best);

        return $rota->merit()->isBetterThan($list->merit()) ? $rota : $list;
    }

    /** Some tasks of one cutter go to stand beside another task, wherever that is. */
    private function moved(Turns $turns, Randomizer $random): Turns
    {
        $many = count($turns->order);
        $from = $random->getInt(0, $many - 1);
        $block = $random->getInt(0, 2) === 0 ? $this->block($turns, $from) : [$turns->order[$from]];
        $beside = $turns->order[$random->getInt(0, $many - 1)];
        $cutter = $random->getInt(0, 9) === 0
            ? $random->getInt(0, count($this->day->cutters) - 1)
            : $turns->hands[$beside];
        $moving = array_fill_keys($block, true);
        $others = array_values(array_filter($turns->order, fn (int $task): bool => ! isset($moving[$task])));
        $at = (int) array_search($beside, $others, true) + $random->getInt(0, 1);
        array_splice($others, $this->place($others, $block, $at), 0, $block);
        $hands = array_map(
            fn (int $task): int => isset($moving[$task]) ? $cutter : $turns->hands[$task],
            array_keys($turns->hands),
        );

        return new Turns($others, $hands);
    }

    /**
     * What a cutter does to one fish in one go, from a task on.
     *
     * @return non-empty-list<int>
     */
    private function block(Turns $turns, int $from): array
    {
        $block = [$turns->order[$from]];
        $cutter = $turns->hands[$block[0]];
        foreach (array_slice($turns->order, $from + 1) as $task) {
            if ($turns->hands[$task] === $cutter) {
                if ($this->day->cleaning($block[count($block) - 1], $task) > 0) {
                    break;
                }
                $block[] = $task;
            }
        }

        return $block;
    }

    /**
     * The place nearest to one that is asked for at which tasks may stand together: after all they wait for, before all
     * that wait for them. Where another must stand between them they stand as early as they can.
     *
     * @param  list<int>  $others
     * @param  non-empty-list<int>  $block
     */
    private function place(array $others, array $block, int $at): int
    {
        $after = $before = [];
        foreach ($block as $task) {
            $after += $this->day->after[$task];
            $before += $this->before[$task];
        }
        $low = 0;
        $high = count($others);
        foreach ($others as $place => $other) {
            if (isset($after[$other])) {
                $low = $place + 1;
            } elseif (isset($before[$other]) && $high > $place) {
                $high = $place;
            }
        }

        return max($low, min($high, $at));
    }

    private function turnsOf(Rota $rota): Turns
    {
        $order = array_keys($rota->cutters);
        $left = array_values(array_diff(array_keys($this->day->tasks), $order));
        // Those left out come last, each after what it waits for.
        while ($left !== []) {
            foreach ($left as $i => $task) {
                if (array_diff(array_keys($this->day->after[$task]), $order) === []) {
                    $order[] = $task;
                    unset($left[$i]);
                }
            }
        }

        return new Turns(
            $order,
            array_map(fn (int $task): int => $rota->cutters[$task] ?? 0, array_keys($this->day->tasks)),
        );
    }

    private function rota(Turns $turns): Rota
    {
        $rota = new Rota($this->day);
        foreach ($turns->order as $task) {
            $rota->put($task, $turns->hands[$task]);
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
            foreach (array_keys($this->day->cutters) as $cutter) {
                $start = $rota->start($task, $cutter);
                $end = $start === null ? INF : $start + $this->day->minutes[$cutter][$task];
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
