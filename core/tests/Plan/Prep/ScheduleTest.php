<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Prep;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Prep\Bound;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Prep\Day;
use Sectum\Plan\Prep\Improve;
use Sectum\Plan\Prep\Schedule;
use Sectum\Plan\Prep\Task;

final class ScheduleTest extends TestCase
{
    public function test_the_morning_of_the_handbook(): void
    {
        $day = Schedule::of(
            [
                new Task('char', 40, 480, 600, [], 'c', true),
                new Task('hake-1', 30, null, null, [], 'h'),
                new Task('hake-2', 30, null, null, [], 'h'),
                new Task('brine', 40, null, 580, ['hake-1', 'hake-2'], null, false, false),
                new Task('brill', 24, 540, 560, [], 'b'),
                new Task('portion char', 20, null, 640, ['char'], 'c', true),
            ],
            [new Cutter('A', 480, 720), new Cutter('B', 510, 720, 1.25)],
            5,
        );
        self::assertTrue($day->fits());
        self::assertTrue($day->proven);
        self::assertSame([9.0, 585.0, 5.0], [$day->merit->late, $day->merit->finish, $day->merit->cleaning]);
        self::assertSame(0.0, $day->gapPct());
        self::lawful($day, 5);
    }

    public function test_a_fast_clean_down_is_not_stretched_by_a_slow_hand_and_may_be_done_while_waiting(): void
    {
        $tasks = [new Task('a', 10, null, null, [], 'x'), new Task('b', 10, 525, null, [], 'y')];
        $day = Schedule::of($tasks, [new Cutter('slow', 480, 720, 2)], 15);
        self::assertSame([500.0, 525.0], [$day->tasks[0]->end, $day->tasks[1]->start]);
        self::assertSame(510.0, $day->tasks[1]->cleanFrom);
        // Raw follows raw of one lot without one, and what is not raw does not.
        $raw = fn (bool $first): float => Schedule::of(
            [
                new Task('a', 10, null, null, [], 'x', $first),
                new Task('b', 10, null, null, ['a'], 'x', true),
            ],
            [new Cutter('one', 480, 720)],
            15,
        )->merit->cleaning;
        self::assertSame([0.0, 15.0], [$raw(true), $raw(false)]);
    }

    /** Every order on every hand, drawn out by other means. */
    public function test_small_days_agree_with_trying_everything(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $late = $tight = 0;
        foreach ([...array_fill(0, 40, 4), ...array_fill(0, 10, 5), 6, 7] as $case => $many) {
            [$tasks, $cutters] = self::drawn($random, $many);
            $day = Schedule::of($tasks, $cutters, 6);
            $best = self::everything($tasks, $cutters, 6.0);
            $said = [-count($day->tasks), $day->merit->late, $day->merit->finish, $day->merit->cleaning];
            self::assertSame($best, array_map(fn (float|int $one): float => round($one, 6), $said), "case {$case}");
            self::lawful($day, 6);
            $late += $day->merit->late > 0 ? 1 : 0;
            $tight += $day->fits() ? 0 : 1;
        }
        self::assertGreaterThan(10, $late);
        self::assertGreaterThan(4, $tight);
    }

    public function test_large_days_are_lawful_never_behind_the_best_list_and_never_before_the_bound(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($case = 0; $case < 4; $case++) {
            [$tasks, $cutters] = self::drawn($random, 14 + 2 * $case, 3, 600);
            $day = Schedule::of($tasks, $cutters, 6);
            self::lawful($day, 6);
            $list = Improve::list(new Day($tasks, $cutters, 6))->merit();
            self::assertFalse($list->isBetterThan($day->merit), "case {$case}");
            self::assertLessThanOrEqual($day->merit->finish, $day->boundFinish);
            self::assertLessThanOrEqual($day->merit->late, $day->boundLate);
            self::assertEquals($day, Schedule::of($tasks, $cutters, 6), 'the same day has one plan');
        }
    }

    /** The bound must hold for what trying everything finds; where it is proven it says so itself. */
    public function test_the_bound_is_below_the_best_plan(): void
    {
        $random = new Randomizer(new Mt19937(77));
        for ($case = 0; $case < 120; $case++) {
            [$tasks, $cutters] = self::drawn($random, $random->getInt(3, 6), $random->getInt(1, 2), 600);
            $day = Schedule::of($tasks, $cutters, 6);
            if ($day->fits()) {
                $bound = Bound::of(new Day($tasks, $cutters, 6));
                self::assertLessThanOrEqual($day->merit->finish + 1e-9, $bound->finish, "case {$case}");
                self::assertLessThanOrEqual($day->merit->late + 1e-9, $bound->late, "case {$case}");
            }
        }
    }

    /** @return array{list<Task>, non-empty-list<Cutter>} */
    private static function drawn(Randomizer $random, int $many, int $hands = 2, int $shift = 0): array
    {
        $tasks = [];
        for ($i = 0; $i < $many; $i++) {
            $after = [];
            for ($j = 0; $j < $i; $j++) {
                if ($random->getInt(0, 4) === 0) {
                    $after[] = "t{$j}";
                }
            }
            if ($random->getInt(0, 5) === 0) {
                $tasks[] = new Task("alone{$i}", $random->getInt(5, 60), null, null, $after, null, false, false);
                $after = ["alone{$i}"];
            }
            $ready = $random->getInt(0, 2) === 0 ? 480 + $random->getInt(0, 60) : null;
            $due = $random->getInt(0, 1) === 0 ? max($ready ?? 0, 500 + $random->getInt(0, 70)) : null;
            $lot = ['x', 'y', 'z', null][$random->getInt(0, 3)];
            $tasks[] = new Task(
                "t{$i}",
                $random->getInt(5, 40),
                $ready,
                $due,
                $after,
                $lot,
                $random->getInt(0, 2) === 0,
            );
        }
        $cutter = function (int $i) use ($random, $shift): Cutter {
            $from = 480 + 15 * $random->getInt(0, 2);
            $pace = [1.0, 1.25, 0.8][$random->getInt(0, 2)];

            return new Cutter("c{$i}", $from, $from + ($shift > 0 ? $shift : $random->getInt(40, 150)), $pace);
        };

        return [$tasks, array_map($cutter, range(1, $hands))];
    }

    /**
     * @param  list<Task>  $tasks
     * @param  non-empty-list<Cutter>  $cutters
     * @return array{float, float, float, float}
     */
    private static function everything(array $tasks, array $cutters, float $wash): array
    {
        $hands = array_values(array_filter($tasks, fn (Task $task): bool => $task->hands));
        $best = [0.0, 0.0, 0.0, 0.0];
        foreach (self::orders(array_keys($hands)) as $order) {
            for ($code = 0; $code < count($cutters) ** count($hands); $code++) {
                $sum = self::walked($tasks, $hands, $order, $code, $cutters, $wash);
                $best = min($best, $sum);
            }
        }

        return $best;
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<Task>  $hands
     * @param  list<int>  $order
     * @param  non-empty-list<Cutter>  $cutters
     * @return array{float, float, float, float}
     */
    private static function walked(
        array $tasks,
        array $hands,
        array $order,
        int $code,
        array $cutters,
        float $wash,
    ): array {
        $named = array_column(array_map(fn (Task $task): array => [$task->id, $task], $tasks), 1, 0);
        $opens = min(array_map(fn (Cutter $one): float => $one->from, $cutters));
        /** @var array<string, float> $ends */
        $ends = $last = [];
        $cleaning = 0.0;
        $end = function (string $id) use (&$end, &$ends, $named, $opens): float {
            $task = $named[$id];
            if ($task->hands) {
                return $ends[$id] ?? INF;
            }
            $waits = array_map($end, $task->after);

            return max([$task->ready ?? ($waits === [] ? $opens : 0.0), ...$waits]) + $task->minutes;
        };
        foreach ($order as $i) {
            $task = $hands[$i];
            $at = intdiv($code, count($cutters) ** $i) % count($cutters);
            $hand = $cutters[$at];
            $before = $last[$at] ?? null;
            $clean = $before !== null &&
                ($before->lot === null || $before->lot !== $task->lot || ($task->raw && ! $before->raw));
            $free = $before === null ? $hand->from : $ends[$before->id] + ($clean ? $wash : 0.0);
            $start = max([$free, $task->ready ?? 0.0, ...array_map($end, $task->after)]);
            $stop = $start + $task->minutes * $hand->pace;
            if ($stop <= $hand->to + 1e-9) {
                $ends[$task->id] = $stop;
                $last[$at] = $task;
                $cleaning += $clean ? $wash : 0.0;
            }
        }
        $done = array_filter(array_map($end, array_keys($named)), is_finite(...));
        $late = 0.0;
        foreach ($named as $id => $task) {
            $stop = $end($id);
            $late += is_finite($stop) ? max(0.0, $stop - ($task->due ?? INF)) : 0.0;
        }

        return array_map(
            fn (float|int $one): float => round($one, 6),
            [-count($done), $late, $done === [] ? $opens : max($done), $cleaning],
        );
    }

    /**
     * @param  list<int>  $of
     * @return iterable<list<int>>
     */
    private static function orders(array $of): iterable
    {
        if ($of === []) {
            yield [];
        }
        foreach ($of as $i => $one) {
            $rest = $of;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$one, ...$order];
            }
        }
    }

    /** What stands in the plan must be possible: nothing before what it waits for, no hand in two places. */
    private static function lawful(Schedule $day, float $wash): void
    {
        $planned = array_column(array_map(fn ($one): array => [$one->task->id, $one], $day->tasks), 1, 0);
        $byHand = [];
        foreach ($planned as $one) {
            self::assertGreaterThanOrEqual($one->task->ready ?? 0, $one->start);
            foreach ($one->task->after as $other) {
                self::assertArrayHasKey($other, $planned);
                self::assertGreaterThanOrEqual($planned[$other]->end - 1e-9, $one->start);
            }
            if ($one->cutter !== null) {
                $byHand[$one->cutter][] = $one;
            }
        }
        $cleaning = 0.0;
        foreach ($byHand as $of) {
            usort($of, fn ($a, $b): int => $a->start <=> $b->start);
            foreach ($of as $i => $one) {
                self::assertGreaterThanOrEqual($i === 0 ? 0 : $of[$i - 1]->end - 1e-9, $one->cleanFrom);
                $cleaning += $one->start - $one->cleanFrom;
            }
        }
        self::assertEqualsWithDelta($day->merit->cleaning, $cleaning, 1e-6);
        self::assertEqualsWithDelta(0.0, fmod($cleaning + 1e-9, $wash), 1e-6);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        $one = [new Cutter('A', 480, 720)];
        $task = fn (string $id, string ...$after): Task => new Task($id, 10, null, null, array_values($after));
        yield 'a shift that ends before it begins' => [fn () => new Cutter('A', 480, 470), '/to'];
        yield 'due before it can begin' => [fn () => new Task('a', 10, 500, 490), '/due'];
        yield 'no time at all' => [fn () => new Task('a', 0), '/minutes'];
        yield 'it waits for itself' => [fn () => $task('a', 'a'), '/after'];
        yield 'it waits for nothing there is' => [fn () => Schedule::of([$task('a', 'b')], $one), '/tasks/0/after/0'];
        yield 'twice' => [fn () => Schedule::of([$task('a'), $task('a')], $one), '/tasks/1/id'];
        yield 'a circle' => [
            fn () => Schedule::of([$task('in'), $task('a', 'c', 'in'), $task('b', 'a'), $task('c', 'b')], $one),
            '/tasks',
        ];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused_at_its_figure(callable $try, string $where): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (BadPlan $e) {
            self::assertSame($where, $e->pointer());
        }
    }

    public function test_a_circle_is_named(): void
    {
        $task = fn (string $id, string ...$after): Task => new Task($id, 10, null, null, array_values($after));
        $this->expectExceptionMessage('a, c, b');
        Schedule::of(
            [$task('in'), $task('a', 'c', 'in'), $task('b', 'a'), $task('c', 'b'), $task('out', 'a')],
            [new Cutter('A', 480, 720)],
        );
    }
}
