<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\Prep\Task;

/**
 * The tasks of a day, made from what the services still want and the fish there is.
 *
 * Who is served first is given fish first, from the lots in the order they are given (what was served on another day is
 * given none that only comes on this one); whole fish, as many as should
 * give the portions, what one gives beyond them going to the next dish of the same lot. Fish is broken down and
 * portioned in turns no longer than the house wants to stand at one thing, so that several hands can share them.
 */
final readonly class Workload
{
    /** So many tasks are planned within two seconds. Where there would be more, the turns become longer. */
    private const MOST_TASKS = 60;

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, float>  $missing  portions there is no fish for, by dish at a service
     */
    private function __construct(public array $jobs, public array $missing)
    {
    }

    /**
     * @param  list<LotToCut>  $lots  what is cut first in front
     * @param  list<DishToServe>  $dishes
     */
    public static function of(array $lots, array $dishes, WorkMinutes $minutes): self
    {
        $inOrder = $dishes;
        usort($inOrder, fn (DishToServe $a, DishToServe $b): int => self::before($a) <=> self::before($b));
        $shared = Shared::of($lots, $inOrder);
        $most = $minutes->most;
        do {
            $jobs = self::jobs(
                $lots,
                array_values(array_filter($inOrder, fn (DishToServe $one): bool => $one->done !== DoneOn::AnotherDay)),
                $shared->shares,
                $minutes,
                $most,
            );
            $most *= 1.5;
        } while (count($jobs) > self::MOST_TASKS && $most < 1440);

        return new self($jobs, $shared->missing);
    }

    /** @return list<mixed> who is given fish first: what was served before this day, then what is due first */
    private static function before(DishToServe $one): array
    {
        return [$one->done !== DoneOn::AnotherDay, $one->due ?? INF, ! $one->raw, $one->id];
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        return array_map(fn (Job $job): Task => $job->task, $this->jobs);
    }

    /**
     * The same with more to do, or to run, beside it.
     *
     * @param  list<Job>  $jobs
     */
    public function with(array $jobs): self
    {
        return new self([...$this->jobs, ...$jobs], $this->missing);
    }

    /**
     * The same with a stock that goes on as soon as the bones of the day are enough; the same alone when they are not.
     *
     * @param  array<string, float>  $bones  grams one fish gives, by lot
     */
    public function withStock(StockOn $stock, array $bones): self
    {
        $there = $stock->inBin;
        $after = [];
        foreach ($this->jobs as $job) {
            $gives = $job->doing === Doing::BreakDown ? $job->fish * ($bones[$job->lot ?? ''] ?? 0.0) : 0.0;
            if ($there < $stock->batch && $gives > 0) {
                $there += $gives;
                $after[] = $job->task->id;
            }
        }
        if ($there < $stock->batch) {
            return $this;
        }

        return $this->with([
            new Job(new Task('stock', max(1.0, $stock->handMinutes), after: $after), Doing::Stock, null, null),
            new Job(
                new Task('simmer', max(1.0, $stock->minutes), after: ['stock'], hands: false),
                Doing::Simmer,
                null,
                null,
            ),
        ]);
    }

    /** Minutes at pace 1 the fish of a dish at a service takes to break down. */
    public function breakDownMinutes(string $serves): float
    {
        return array_sum($this->brokenDown($serves));
    }

    /** @return array<string, float> minutes by task */
    private function brokenDown(string $serves): array
    {
        $tasks = [];
        foreach ($this->jobs as $job) {
            if ($job->serves === $serves && $job->doing === Doing::BreakDown) {
                $tasks[$job->task->id] = $job->task->minutes;
            }
        }

        return $tasks;
    }

    /** The same with fillets bought for one dish: its fish need not be broken down. */
    public function withFillets(string $serves): self
    {
        $gone = $this->brokenDown($serves);
        $jobs = array_filter($this->jobs, fn (Job $job): bool => ! isset($gone[$job->task->id]));
        $left = array_map(
            fn (Job $job): Job => new Job(
                $job->task->without(array_keys($gone)),
                $job->doing,
                $job->lot,
                $job->serves,
                $job->fish,
                $job->portions,
            ),
            $jobs,
        );

        return new self(array_values($left), $this->missing);
    }

    /**
     * @param  list<LotToCut>  $lots
     * @param  list<DishToServe>  $dishes
     * @param  array<string, list<Share>>  $shares
     * @return list<Job>
     */
    private static function jobs(array $lots, array $dishes, array $shares, WorkMinutes $minutes, float $most): array
    {
        $jobs = [];
        $rawLots = [];
        foreach ($dishes as $one) {
            foreach ($shares[$one->id] ?? [] as $share) {
                $rawLots[$share->lot->lot] = ($rawLots[$share->lot->lot] ?? false) || $one->raw;
            }
        }
        foreach ($lots as $lot) {
            if ($lot->toReceive) {
                $jobs[] = new Job(
                    new Task(
                        "receive {$lot->lot}",
                        max(1.0, $minutes->receiveLot + $lot->fish * $minutes->receiveFish),
                        $lot->ready,
                        lot: $lot->lot,
                        raw: $rawLots[$lot->lot] ?? false,
                    ),
                    Doing::Receive,
                    $lot->lot,
                    null,
                    $lot->fish,
                );
            }
        }
        foreach ($dishes as $one) {
            if (isset($shares[$one->id])) {
                array_push($jobs, ...self::ofDish($one, $shares[$one->id], $minutes, $most));
            }
        }

        return $jobs;
    }

    /**
     * @param  list<Share>  $shares
     * @return list<Job>
     */
    private static function ofDish(DishToServe $one, array $shares, WorkMinutes $minutes, float $most): array
    {
        $jobs = $down = [];
        foreach ($shares as $i => $share) {
            $turns = $one->done === DoneOn::BrokenDownBefore
                ? []
                : self::turns($share->fish, $share->lot->minutes, $most);
            foreach ($turns as $k => $fish) {
                $id = "break-down {$one->id} {$share->lot->lot} {$k}";
                $down[$i][] = $id;
                $jobs[] = new Job(
                    new Task(
                        $id,
                        $fish * $share->lot->minutes,
                        $share->lot->toReceive ? null : $share->lot->ready,
                        null,
                        $share->lot->toReceive ? ["receive {$share->lot->lot}"] : [],
                        $share->lot->lot,
                        $one->raw,
                    ),
                    Doing::BreakDown,
                    $share->lot->lot,
                    $one->id,
                    $fish,
                );
            }
        }
        $lot = $shares[0]->lot->lot;
        $standing = $one->standing;
        $stood = null;
        $stands = $one->done !== DoneOn::BrokenDownBefore &&
            array_filter($shares, fn (Share $share): bool => ! $share->lot->stood) !== [];
        if ($standing !== null && $standing->beforePortions && $stands) {
            array_push($jobs, ...self::stands($one, $standing, $lot, array_merge(...$down), $minutes));
            $stood = "stand {$one->id}";
        }
        if ($one->done === DoneOn::PortionedLater) {
            return $jobs;
        }
        $cut = [];
        foreach ($shares as $i => $share) {
            $turns = self::turns((int) ceil($share->portions - 1e-9), $minutes->portion, $most);
            foreach ($turns as $k => $portions) {
                $id = "portion {$one->id} {$share->lot->lot} {$k}";
                $cut[] = $id;
                $before = $down[$i] ?? [];
                // Of fish that is broken down in as many turns, each turn is portioned when it is down.
                $before = count($before) === count($turns) ? [$before[$k]] : $before;
                $jobs[] = new Job(
                    new Task(
                        $id,
                        max(1.0, $portions * $minutes->portion),
                        $before === [] && $stood === null ? $share->lot->ready : null,
                        null,
                        $stood === null ? $before : [$stood],
                        $share->lot->lot,
                        $one->raw,
                    ),
                    Doing::Portion,
                    $share->lot->lot,
                    $one->id,
                    0,
                    (float) $portions,
                );
            }
        }
        if ($standing !== null && ! $standing->beforePortions) {
            array_push($jobs, ...self::stands($one, $standing, $lot, $cut, $minutes));
            $cut = ["stand {$one->id}"];
        }
        $portions = array_sum(array_map(fn (Share $share): float => $share->portions, $shares));
        $jobs[] = new Job(
            new Task(
                "pack {$one->id}",
                max(1.0, ceil($portions - 1e-9) * $minutes->pack),
                null,
                $one->due,
                $cut,
                $lot,
                $one->raw,
            ),
            Doing::Pack,
            $lot,
            $one->id,
            0,
            $portions,
        );

        return $jobs;
    }

    /**
     * @param  list<string>  $after
     * @return list<Job>
     */
    private static function stands(
        DishToServe $one,
        Standing $standing,
        string $lot,
        array $after,
        WorkMinutes $minutes,
    ): array {
        return [
            new Job(
                new Task("make-up {$one->id}", max(1.0, $minutes->makeUp), lot: $lot, raw: $one->raw),
                Doing::MakeUp,
                $lot,
                $one->id,
            ),
            new Job(
                new Task(
                    "stand {$one->id}",
                    $standing->minutes,
                    null,
                    null,
                    [...$after, "make-up {$one->id}"],
                    null,
                    false,
                    false,
                ),
                Doing::Stand,
                $lot,
                $one->id,
            ),
        ];
    }

    /**
     * Things shared out over turns of at most so many minutes, as even as can be, the longer turns first.
     *
     * @return list<int>
     */
    private static function turns(int $things, float $each, float $most): array
    {
        if ($things === 0 || $each <= 0) {
            return [];
        }
        $turns = (int) min($things, max(1.0, ceil(($things * $each) / $most - 1e-9)));

        return array_map(
            fn (int $k): int => intdiv($things, $turns) + ($k < $things % $turns ? 1 : 0),
            range(0, $turns - 1),
        );
    }
}
