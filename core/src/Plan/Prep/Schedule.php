<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

use Sectum\Plan\BadPlan;

/**
 * Who cuts what, and when.
 *
 * As many tasks as fit into the shifts; of all ways the one with the fewest minutes late, then the earliest finish,
 * then the fewest minutes of clean-down. Small days are tried every way; larger ones are searched, with a bound that
 * says how far from the best the finish can be.
 */
final readonly class Schedule
{
    /**
     * @param  list<Planned>  $tasks  in the order they were given, without those left out
     * @param  list<string>  $leftOut  tasks that do not fit within the shifts
     * @param  float  $boundFinish  before which the best plan cannot finish; where tasks are left out, its own finish
     * @param  float  $boundLate  minutes late no plan comes below
     * @param  float  $opens  minute at which the first shift begins
     * @param  bool  $proven  whether nothing better exists
     */
    private function __construct(
        public array $tasks,
        public array $leftOut,
        public Merit $merit,
        public float $boundFinish,
        public float $boundLate,
        public float $opens,
        public bool $proven,
    ) {
    }

    /**
     * @param  list<Task>  $tasks
     * @param  non-empty-list<Cutter>  $cutters
     * @param  float  $changeover  minutes of a clean-down
     * @param  float  $effort  share of the usual search, where many days are compared
     *
     * @throws BadPlan
     */
    public static function of(array $tasks, array $cutters, float $changeover = 0.0, float $effort = 1.0): self
    {
        $day = new Day($tasks, $cutters, $changeover);
        $small = EveryWay::suits($day);
        $rota = $small ? EveryWay::best($day) : Improve::of($day, $effort);
        $planned = $leftOut = [];
        $hands = $alone = 0;
        foreach ($tasks as $task) {
            $one = $task->hands ? self::byHand($day, $rota, $hands++) : self::byItself($day, $rota, $alone++);
            if ($one === null) {
                $leftOut[] = $task->id;
            } else {
                $planned[] = $one;
            }
        }
        $merit = $rota->merit();
        $bound = Bound::of($day);
        $whole = $leftOut === [];
        // What was tried every way is its own bound; where something is left out, another choice may end earlier.
        $finish = $whole && ! $small ? min($bound->finish, $merit->finish) : $merit->finish;
        $late = $whole && ! $small ? min($bound->late, $merit->late) : ($small ? $merit->late : 0.0);

        return new self(
            $planned,
            $leftOut,
            $merit,
            $finish,
            $late,
            $day->opens(),
            $small || ($whole && $merit->late <= $late + 1e-9 && $merit->finish <= $finish + 1e-9),
        );
    }

    public function fits(): bool
    {
        return $this->leftOut === [];
    }

    /** How far the finish can be from the best, percent of the time from the first shift's begin. */
    public function gapPct(): float
    {
        $long = $this->merit->finish - $this->opens;

        return $long > 0 ? (100 * ($this->merit->finish - $this->boundFinish)) / $long : 0.0;
    }

    private static function byHand(Day $day, Rota $rota, int $task): ?Planned
    {
        if (! isset($rota->ends[$task])) {
            return null;
        }
        $before = null;
        foreach ($rota->cutters as $other => $cutter) {
            if ($other === $task) {
                break;
            }
            $before = $cutter === $rota->cutters[$task] ? $other : $before;
        }
        [$start, $end] = [$rota->starts[$task], $rota->ends[$task]];

        return new Planned(
            $day->tasks[$task],
            $day->cutters[$rota->cutters[$task]]->id,
            $start,
            $end,
            max(0.0, $end - ($day->tasks[$task]->due ?? INF)),
            $start - $day->cleaning($before, $task),
        );
    }

    private static function byItself(Day $day, Rota $rota, int $task): ?Planned
    {
        $end = $rota->aloneEnd($task);
        $alone = $day->alone[$task];

        return $end === null
            ? null
            : new Planned(
                $alone,
                null,
                $end - $alone->minutes,
                $end,
                max(0.0, $end - ($alone->due ?? INF)),
                $end - $alone->minutes,
            );
    }
}
