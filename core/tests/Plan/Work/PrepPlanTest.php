<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Work;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Work\CureKind;
use Sectum\Plan\Work\Cures;
use Sectum\Plan\Work\DishToServe;
use Sectum\Plan\Work\LotToCut;
use Sectum\Plan\Work\Pin;
use Sectum\Plan\Work\PrepPlan;
use Sectum\Plan\Work\Workload;
use Sectum\Plan\Work\WorkMinutes;

final class PrepPlanTest extends TestCase
{
    /** @param  float  $due  of dinner */
    private static function work(float $due = 1080): Workload
    {
        return Workload::of(
            [
                new LotToCut('char', 2, 15, ['raw char' => 8.0]),
                new LotToCut('hake', 6, 12, ['fried hake' => 5.0], 540, true),
            ],
            [new DishToServe('raw', 'raw char', 14, $due, true), new DishToServe('fried', 'fried hake', 28, $due)],
            new WorkMinutes(6, 1, 1, 0.25, 10),
        );
    }

    /**
     * With a clean-down of five minutes, and little searched: these days are small.
     *
     * @param  non-empty-list<Cutter>  $hands
     * @param  list<Pin>  $pins
     */
    private static function plan(Workload $work, array $hands, array $pins = []): PrepPlan
    {
        return PrepPlan::of($work, $hands, 5, $pins, 0.02);
    }

    public function test_a_task_put_at_an_hour_begins_then_and_one_given_to_a_hand_is_done_by_it(): void
    {
        $hands = [new Cutter('ann', 480, 1020), new Cutter('ben', 480, 1020, 1.2)];
        $free = self::plan(self::work(), $hands);
        self::assertTrue($free->isReady());
        foreach (self::work()->tasks() as $task) {
            $pin = new Pin($task->id, 'ben', 700);
            $plan = self::plan(self::work(), $hands, [$pin]);
            $one = $plan->planned[$task->id];
            self::assertSame(['ben', 700.0], [$one->cutter, $one->start], $task->id);
            self::assertSame(0.0, $plan->late(), 'later than it might be is not late');
            self::assertGreaterThanOrEqual($free->finish() - 1e-6, $plan->finish());
        }
    }

    public function test_pins_of_what_is_gone_are_passed_over(): void
    {
        $pins = [new Pin('nothing'), new Pin('break-down raw char 0', 'zoe')];
        $plan = self::plan(self::work(), [new Cutter('ann', 480, 1020)], $pins);
        self::assertSame($pins, $plan->ignored);
        self::assertTrue($plan->isReady());
    }

    public function test_what_will_not_be_ready_is_said_with_the_least_that_helps(): void
    {
        $hands = [new Cutter('ann', 540, 1020)];
        $plan = self::plan(self::work(690), $hands);
        self::assertFalse($plan->isReady());
        self::assertNotSame([], $plan->notReady());
        $cure = Cures::cheapest($plan, $hands, 5, []);
        self::assertNotNull($cure);
        $helped = match ($cure->kind) {
            CureKind::Earlier => [new Cutter('ann', 540 - $cure->minutes, 1020)],
            CureKind::Longer => [new Cutter('ann', 540, 1020 + $cure->minutes)],
            CureKind::MoreHands => [...$hands, new Cutter(Cures::ANOTHER, 540, 540 + $cure->minutes)],
            CureKind::Fillets => self::fail('A hand is enough.'),
        };
        self::assertTrue(self::plan(self::work(690), $helped)->isReady());
        self::assertNull(Cures::cheapest(self::plan(self::work(), $hands), $hands, 5, []), 'nothing is late');
    }

    public function test_a_shift_that_is_too_short_leaves_out_and_says_so(): void
    {
        $hands = [new Cutter('ann', 540, 600)];
        $plan = self::plan(self::work(), $hands);
        self::assertNotSame([], $plan->leftOut);
        self::assertContains(null, $plan->notReady());
        $none = Workload::of([], [], new WorkMinutes(6, 1, 1, 0.25, 10));
        $empty = PrepPlan::of($none, $hands, 5);
        self::assertSame([540.0, true, []], [$empty->finish(), $empty->isReady(), $empty->notReady()]);
    }

    public function test_fillets_for_the_dish_that_is_late_where_no_hand_is_left(): void
    {
        // A fish may not be cut before its rest is over, an hour before it is wanted: no hand changes that.
        $work = Workload::of(
            [new LotToCut('stiff', 1, 60, ['d' => 6.0], 600)],
            [new DishToServe('lunch', 'd', 6, 640)],
            new WorkMinutes(6, 1, 1, 0.25, 10),
        );
        $hands = [new Cutter('ann', 480, 1020)];
        $cure = Cures::cheapest(PrepPlan::of($work, $hands, 5), $hands, 5, []);
        self::assertSame([CureKind::Fillets, 'lunch', 60.0], [$cure?->kind, $cure?->serves, $cure?->minutes]);
    }

    /** Whatever is pinned where, a plan stays lawful: order kept, nobody does two things, clean-downs stand. */
    public function test_two_hundred_pins_leave_a_lawful_plan(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $hands = [new Cutter('ann', 480, 1020), new Cutter('ben', 510, 960, 1.2)];
        for ($case = 0; $case < 200; $case++) {
            $work = self::work();
            $tasks = $work->tasks();
            $pins = [];
            for ($i = $random->getInt(1, 3); $i > 0; $i--) {
                $task = $tasks[$random->getInt(0, count($tasks) - 1)];
                $pins[] = new Pin(
                    $task->id,
                    [null, 'ann', 'ben'][$random->getInt(0, 2)],
                    $random->getInt(0, 1) === 1 ? (float) $random->getInt(480, 900) : null,
                );
            }
            $plan = self::plan($work, $hands, $pins);
            $by = [];
            foreach ($plan->planned as $one) {
                foreach ($one->task->after as $other) {
                    self::assertGreaterThanOrEqual($plan->planned[$other]->end - 1e-6, $one->start);
                }
                if ($one->cutter !== null) {
                    $by[$one->cutter][] = $one;
                }
            }
            foreach ($pins as $pin) {
                $one = $plan->planned[$pin->task] ?? null;
                if ($one !== null && $pin->at !== null) {
                    self::assertGreaterThanOrEqual($pin->at - 1e-6, $one->start);
                }
            }
            foreach ($by as $of) {
                usort($of, fn ($a, $b): int => $a->start <=> $b->start);
                for ($i = 1; $i < count($of); $i++) {
                    [$a, $b] = [$of[$i - 1], $of[$i]];
                    $clean = $a->task->lot !== $b->task->lot || ($b->task->raw && ! $a->task->raw) ? 5.0 : 0.0;
                    self::assertGreaterThanOrEqual($a->end + $clean - 1e-6, $b->start);
                }
            }
        }
    }
}
