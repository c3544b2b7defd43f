<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/** Tries every way to share out a small day's work; what cannot become better than the best so far is not gone into. */
final class EveryWay
{
    /** So many tasks and cutters are tried out in a moment. */
    public const TASKS = 7;

    public const CUTTERS = 2;

    private Rota $best;

    private Merit $merit;

    private function __construct(private readonly Day $day)
    {
        $this->best = new Rota($day);
        $this->merit = $this->best->merit();
    }

    public static function suits(Day $day): bool
    {
        return count($day->tasks) <= self::TASKS && count($day->cutters) <= self::CUTTERS;
    }

    public static function best(Day $day): Rota
    {
        $all = new self($day);
        $all->from(new Rota($day), array_keys($day->tasks), -INF, 0, 0.0);

        return $all->best;
    }

    /**
     * @param  list<int>  $left  tasks not put yet
     * @param  float  $since  tasks are put in the order they begin, so that each plan is met once
     * @param  int  $hands  and of those that begin together, by cutter
     * @param  float  $late  minutes of those that were put
     */
    private function from(Rota $rota, array $left, float $since, int $hands, float $late): void
    {
        $merit = $rota->merit();
        if ($merit->isBetterThan($this->merit)) {
            [$this->best, $this->merit] = [$rota, $merit];
        }
        $most = count($this->day->alone) + count($rota->ends) + count($left);
        if (
            $most < $this->merit->done ||
            ($most === $this->merit->done && $late > $this->merit->late + 1e-9)
        ) {
            return;
        }
        foreach ($left as $i => $task) {
            foreach ($this->day->cutters as $cutter => $one) {
                $start = $rota->start($task, $cutter);
                if ($start === null || $start < $since - 1e-9 || ($start < $since + 1e-9 && $cutter < $hands)) {
                    continue;
                }
                $next = $rota->with($task, $cutter);
                if ($next !== null) {
                    $rest = $left;
                    unset($rest[$i]);
                    $end = $next->ends[$task];
                    $more = max(0.0, $end - ($this->day->tasks[$task]->due ?? INF));
                    $this->from($next, array_values($rest), $start, $cutter, $late + $more);
                }
            }
        }
    }
}
