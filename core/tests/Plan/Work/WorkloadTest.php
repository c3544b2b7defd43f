<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Work;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Prep\Schedule;
use Sectum\Plan\Work\DishToServe;
use Sectum\Plan\Work\Doing;
use Sectum\Plan\Work\DoneOn;
use Sectum\Plan\Work\Job;
use Sectum\Plan\Work\LotToCut;
use Sectum\Plan\Work\Standing;
use Sectum\Plan\Work\StockOn;
use Sectum\Plan\Work\Workload;
use Sectum\Plan\Work\WorkMinutes;

final class WorkloadTest extends TestCase
{
    private static function minutes(float $most = 40): WorkMinutes
    {
        return new WorkMinutes(6, 1, 1.5, 0.5, 10, $most);
    }

    /** @return list<Job> */
    private static function of(Workload $work, Doing $doing): array
    {
        return array_values(array_filter($work->jobs, fn (Job $job): bool => $job->doing === $doing));
    }

    public function test_fish_is_received_broken_down_portioned_and_packed_in_that_order(): void
    {
        $work = Workload::of(
            [new LotToCut('hake', 4, 10, ['fried hake' => 5.0], 500, true)],
            [new DishToServe('friday', 'fried hake', 12, 1080)],
            self::minutes(),
        );
        self::assertSame([], $work->missing);
        $said = array_map(fn (Job $one): array => [$one->doing, $one->fish, $one->task->minutes], $work->jobs);
        self::assertSame(
            [
                [Doing::Receive, 4, 10.0],
                [Doing::BreakDown, 3, 30.0],
                [Doing::Portion, 0, 18.0],
                [Doing::Pack, 0, 6.0],
            ],
            $said,
        );
        self::assertSame(
            [
                [500.0, null, []],
                [null, null, ['receive hake']],
                [null, null, ['break-down friday hake 0']],
                [null, 1080.0, ['portion friday hake 0']],
            ],
            array_map(fn (Job $one): array => [$one->task->ready, $one->task->due, $one->task->after], $work->jobs),
        );
    }

    public function test_who_is_served_first_is_given_fish_first_and_what_a_fish_gives_beyond_goes_on(): void
    {
        $work = Workload::of(
            [new LotToCut('a', 2, 10, ['d' => 5.0]), new LotToCut('b', 1, 10, ['d' => 4.0], 600)],
            [new DishToServe('dinner', 'd', 9, 1080), new DishToServe('lunch', 'd', 4, 700)],
            self::minutes(),
        );
        $fish = [];
        foreach (self::of($work, Doing::BreakDown) as $job) {
            $fish[] = [$job->serves, $job->lot, $job->fish, $job->task->ready];
        }
        // Lunch breaks one fish of lot a down and leaves a portion of it to dinner.
        self::assertSame(
            [['lunch', 'a', 1, null], ['dinner', 'a', 1, null], ['dinner', 'b', 1, 600.0]],
            $fish,
        );
        self::assertSame([], $work->missing);
        $short = Workload::of(
            [new LotToCut('a', 2, 10, ['d' => 5.0])],
            [new DishToServe('dinner', 'd', 14, 1080), new DishToServe('other', 'e', 3, 900)],
            self::minutes(),
        );
        self::assertSame(['other' => 3.0, 'dinner' => 4.0], $short->missing);
    }

    public function test_a_brine_stands_on_portions_and_a_cure_before_them(): void
    {
        $lots = [new LotToCut('a', 2, 10, ['d' => 5.0])];
        $stands = fn (bool $before): array => Workload::of(
            $lots,
            [new DishToServe('x', 'd', 8, 1080, false, new Standing('brine', 45, $before))],
            self::minutes(),
        )->jobs;
        $after = [];
        foreach ([false, true] as $before) {
            foreach ($stands($before) as $job) {
                $after[($before ? 'cure ' : 'brine ').$job->doing->value] = $job->task->after;
                self::assertSame($job->doing->hands(), $job->task->hands);
            }
        }
        self::assertSame(['portion x a 0', 'make-up x'], $after['brine stand'] ?? null);
        self::assertSame(['stand x'], $after['brine pack'] ?? null);
        self::assertSame(['break-down x a 0', 'make-up x'], $after['cure stand'] ?? null);
        self::assertSame(['stand x'], $after['cure portion'] ?? null);
    }

    public function test_what_was_served_before_takes_its_fish_and_leaves_no_work(): void
    {
        $dishes = [
            new DishToServe('today', 'd', 10, 1080),
            new DishToServe('yesterday', 'd', 5, null, false, null, DoneOn::AnotherDay),
        ];
        $work = Workload::of([new LotToCut('a', 2, 10, ['d' => 5.0])], $dishes, self::minutes());
        self::assertSame(['today' => 5.0], $work->missing);
        self::assertSame([1], array_map(fn (Job $job): int => $job->fish, self::of($work, Doing::BreakDown)));
        self::assertSame(['today'], array_values(array_unique(array_column($work->jobs, 'serves'))));
    }

    public function test_what_comes_today_was_not_there_for_what_was_served_before(): void
    {
        $dishes = [
            new DishToServe('today', 'd', 10, 1080),
            new DishToServe('yesterday', 'd', 5, null, false, null, DoneOn::AnotherDay),
        ];
        $work = Workload::of([new LotToCut('a', 2, 10, ['d' => 5.0], 480, true)], $dishes, self::minutes());
        self::assertSame([], $work->missing);
        self::assertSame([2], array_map(fn (Job $job): int => $job->fish, self::of($work, Doing::BreakDown)));
    }

    public function test_the_stock_goes_on_when_the_bones_are_enough_and_waits_for_no_more(): void
    {
        $work = Workload::of(
            [new LotToCut('a', 6, 20, ['d' => 5.0])],
            [new DishToServe('x', 'd', 30, 1080)],
            self::minutes(),
        );
        $bones = ['a' => 900.0];
        $stock = fn (float $inBin): Workload => $work->withStock(new StockOn($inBin, 4000, 15, 40), $bones);
        $after = fn (Workload $of): array => self::of($of, Doing::Stock)[0]->task->after ?? ['none'];
        self::assertSame(['break-down x a 0', 'break-down x a 1', 'break-down x a 2'], $after($stock(0)));
        self::assertSame(['break-down x a 0'], $after($stock(2500)));
        self::assertSame([], $after($stock(4000)));
        self::assertSame($work, $work->withStock(new StockOn(0, 9000, 15, 40), $bones));
        $simmer = self::of($stock(0), Doing::Simmer)[0]->task;
        self::assertSame([false, ['stock'], 40.0], [$simmer->hands, $simmer->after, $simmer->minutes]);
    }

    public function test_fillets_that_stand_over_night_are_portioned_the_next_day(): void
    {
        $cure = new Standing('cure', 1080, true);
        $gives = ['d' => 5.0];
        $lot = fn (float $minutes, bool $stood): LotToCut => new LotToCut('a', 2, $minutes, $gives, 500, false, $stood);
        $doing = fn (Workload $work): array => array_map(fn (Job $job): Doing => $job->doing, $work->jobs);
        $evening = new DishToServe('x', 'd', 8, null, false, $cure, DoneOn::PortionedLater);
        self::assertSame(
            [Doing::BreakDown, Doing::MakeUp, Doing::Stand],
            $doing(Workload::of([$lot(10, false)], [$evening], self::minutes())),
        );
        $work = Workload::of([$lot(0, true)], [new DishToServe('x', 'd', 8, 1080, false, $cure)], self::minutes());
        self::assertSame([Doing::Portion, Doing::Pack], $doing($work));
        self::assertSame(500.0, $work->jobs[0]->task->ready);
        $planned = new DishToServe('x', 'd', 8, 1080, false, $cure, DoneOn::BrokenDownBefore);
        $next = Workload::of([$lot(10, false)], [$planned], self::minutes());
        self::assertSame([Doing::Portion, Doing::Pack], $doing($next));
    }

    /** Whatever is wanted of whatever there is: fish, portions and minutes are all accounted for. */
    public function test_shared_out_work_adds_up_to_the_whole(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($case = 0; $case < 200; $case++) {
            $lots = $dishes = [];
            for ($i = $random->getInt(1, 5); $i > 0; $i--) {
                $lots[] = new LotToCut(
                    "lot {$i}",
                    $random->getInt(1, 40),
                    (float) $random->getInt(3, 25),
                    ['d1' => $random->getInt(10, 90) / 10, 'd2' => $random->getInt(0, 60) / 10],
                    $random->getInt(0, 1) === 1 ? 500.0 : null,
                    $random->getInt(0, 1) === 1,
                );
            }
            for ($i = $random->getInt(1, 6); $i > 0; $i--) {
                $dishes[] = new DishToServe(
                    "s{$i}",
                    'd'.$random->getInt(1, 2),
                    (float) $random->getInt(0, 160),
                    (float) $random->getInt(700, 1200),
                    $random->getInt(0, 3) === 0,
                    $random->getInt(0, 3) === 0 ? new Standing('t', 40, $random->getInt(0, 1) === 1) : null,
                );
            }
            $work = Workload::of($lots, $dishes, self::minutes());
            self::assertLessThanOrEqual(60, count($work->jobs));
            foreach ($lots as $lot) {
                $of = array_filter(
                    self::of($work, Doing::BreakDown),
                    fn (Job $job): bool => $job->lot === $lot->lot,
                );
                $fish = array_sum(array_map(fn (Job $job): int => $job->fish, $of));
                self::assertLessThanOrEqual($lot->fish, $fish);
                $took = array_sum(array_map(fn (Job $job): float => $job->task->minutes, $of));
                self::assertEqualsWithDelta($fish * $lot->minutes, $took, 1e-6);
            }
            foreach ($dishes as $dish) {
                $packed = array_sum(array_map(
                    fn (Job $job): float => $job->serves === $dish->id ? $job->portions : 0.0,
                    self::of($work, Doing::Pack),
                ));
                self::assertEqualsWithDelta($dish->portions, $packed + ($work->missing[$dish->id] ?? 0.0), 0.5);
            }
            // No task waits for another that is not there, nor in a circle.
            Schedule::of($work->tasks(), [new Cutter('one', 0, 10_000)], 5, 0.001);
        }
    }

    public function test_what_makes_no_sense_is_refused_by_name(): void
    {
        foreach (
            [
                '/fish' => fn () => new LotToCut('a', 0, 10, []),
                '/portions' => fn () => new DishToServe('a', 'd', -1, null),
                '/minutes' => fn () => new WorkMinutes(-1, 0, 0, 0, 0),
            ] as $at => $bad
        ) {
            try {
                $bad();
                self::fail("{$at} was taken.");
            } catch (BadPlan $refused) {
                self::assertSame($at, $refused->pointer());
            }
        }
    }
}
